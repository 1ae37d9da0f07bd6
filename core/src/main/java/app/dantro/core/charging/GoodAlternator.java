package app.dantro.core.charging;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Load;
import app.dantro.core.figure.Ripple;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.finding.Standing;
import app.dantro.core.finding.StandingRule;
import app.dantro.core.limits.StateOfCharge;
import app.dantro.core.network.NetworkSolver;
import app.dantro.core.network.OperatingPoint;
import app.dantro.core.network.VehicleState;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.Newest;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.Topic;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;

/**
 * What clears an alternator (docs/job.md, when may a component be called faulty): its own volts with the loads on at
 * speed, the current that was asked for, and little ripple. Idle volts clear nothing.
 */
public final class GoodAlternator {
    private static final Set<Condition> AT_SPEED = EnumSet.of(Condition.RAISED_LOADED, Condition.FULL_OUTPUT);

    private final CaseRecord record;
    private final Alternator alternator;
    private final List<UUID> readings = new ArrayList<>();
    private final List<Reason> shown = new ArrayList<>();
    private final List<Reason> missing = new ArrayList<>();

    private GoodAlternator(CaseRecord record, Alternator alternator) {
        this.record = record;
        this.alternator = alternator;
        output();
        ripple();
    }

    /** The finding, from what no reading speaks against; empty while the engine has not been read running. */
    public static Optional<PartFinding> finding(CaseRecord record, PartFinding unproven) {
        boolean run = record.counted().stream().anyMatch(r -> r.condition().running());
        return record.circuit()
                .alternator()
                .filter(a -> run && a.id().equals(unproven.part()))
                .map(a -> new GoodAlternator(record, a).finding(unproven));
    }

    private PartFinding finding(PartFinding unproven) {
        boolean cleared = missing.isEmpty();
        shown.add((cleared ? ChargingReason.DELIVERS : ChargingReason.NOTHING_AGAINST).with());
        return unproven.as(cleared ? Standing.CLEARED : Standing.NOT_PROVEN, shown)
                .by(StandingRule.DELIVERS)
                .carriedBy(readings)
                .missing(missing);
    }

    private void output() {
        Optional<Reading> own = record.counted()
                .where(r -> AT_SPEED.contains(r.condition()))
                .across(alternator.output(), alternator.ground())
                .newest();
        if (own.isEmpty() || Math.abs(own.get().volts()) < leastVolts()) {
            missing.add(ChargingReason.OWN_VOLTS_MISSING.with());
            return;
        }
        readings.add(own.get().id());
        Condition condition = own.get().condition();
        Optional<Double> amps = record.counted().in(condition).stream()
                .flatMap(r -> r.amps().stream())
                .reduce(Newest::of);
        Quantity volts = Quantity.volts(Math.abs(own.get().volts()), own.get().resolutionVolts());
        Quantity when = Quantity.named(condition.words());
        shown.add(amps.map(a -> ChargingReason.OWN_VOLTS_AT.with(volts, Quantity.amps(a), when))
                .orElseGet(() -> ChargingReason.OWN_VOLTS.with(volts, when)));
        double asked = Marks.ASSUMED_LEAST_SHARE_OF_ASKED
                * Math.min(askedAmps(condition), alternator.rating().ampsIn(condition));
        if (amps.filter(a -> a >= asked).isEmpty()) {
            missing.add(ChargingReason.CURRENT_MISSING.with(Quantity.amps(asked)));
        }
    }

    private void ripple() {
        OptionalDouble volts = record.statedSinceRepair().figure(Topic.RIPPLE_LOADED);
        if (volts.isPresent()) {
            shown.add(ChargingReason.RIPPLE_LOADED.with(Quantity.volts(volts.getAsDouble(), 0.01)));
        }
        if (volts.isEmpty() || !Ripple.healthy(volts.getAsDouble())) {
            missing.add(ChargingReason.RIPPLE_MISSING.with());
        }
    }

    private double leastVolts() {
        int blocks = record.circuit().blocks();
        double base = record.counted()
                .in(Condition.REST)
                .where(r -> record.loop().isPosts(r.red(), r.black()))
                .newest()
                .map(Reading::volts)
                .orElse(StateOfCharge.RESTS_AT_VOLTS * blocks);
        return base + Marks.ABOVE_BASE_VOLTS * blocks;
    }

    /** What a healthy vehicle's loads take then, in A; what its battery takes depends on its charge. */
    private double askedAmps(Condition condition) {
        Circuit circuit = record.circuit();
        return new NetworkSolver(circuit).solve(condition, VehicleState.healthyAt(record.celsius()))
                        instanceof OperatingPoint point
                ? circuit.devices().stream()
                        .filter(Load.class::isInstance)
                        .mapToDouble(load -> Math.abs(point.amps(load.id())))
                        .sum()
                : Double.POSITIVE_INFINITY;
    }
}

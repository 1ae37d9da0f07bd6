package app.dantro.core.charging;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Load;
import app.dantro.core.figure.Figures;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.finding.Standing;
import app.dantro.core.network.NetworkSolver;
import app.dantro.core.network.OperatingPoint;
import app.dantro.core.network.VehicleState;
import app.dantro.core.reading.Amount;
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
    /** A running system stands this much above the battery at rest, for 12 V. */
    private static final double ABOVE_BASE_VOLTS = 0.5;

    private static final double CHARGED_REST_VOLTS = 12.6;
    private static final double LEAST_SHARE_OF_ASKED = 0.9;

    private final CaseRecord evidence;
    private final Alternator alternator;
    private final List<UUID> readings = new ArrayList<>();
    private final List<String> shown = new ArrayList<>();
    private final List<String> missing = new ArrayList<>();

    private GoodAlternator(CaseRecord evidence, Alternator alternator) {
        this.evidence = evidence;
        this.alternator = alternator;
        output();
        ripple();
    }

    /** The finding, from what no reading speaks against; empty while the engine has not been read running. */
    public static Optional<PartFinding> finding(CaseRecord evidence, PartFinding unproven) {
        boolean run = evidence.counted().stream().anyMatch(r -> r.condition().running());
        return evidence.circuit()
                .alternator()
                .filter(a -> run && a.id().equals(unproven.part()))
                .map(a -> new GoodAlternator(evidence, a).finding(unproven));
    }

    private PartFinding finding(PartFinding unproven) {
        String says = String.join(" ", shown);
        return missing.isEmpty()
                ? unproven.as(Standing.CLEARED, says + " It delivers what is asked of it.", List.of(), readings)
                : unproven.as(
                        Standing.NOT_PROVEN,
                        (says + " Nothing read so far speaks against it; cleared it is not yet.").strip(),
                        missing,
                        readings);
    }

    private void output() {
        Optional<Reading> own = evidence.counted().stream()
                .filter(r -> AT_SPEED.contains(r.condition()))
                .filter(r -> Set.of(r.red(), r.black()).equals(Set.of(alternator.output(), alternator.ground())))
                .reduce((first, second) -> second);
        if (own.isEmpty() || Math.abs(own.get().volts()) < leastVolts()) {
            missing.add("its own volts, B+ to case, all loads on at speed");
            return;
        }
        readings.add(own.get().id());
        Condition condition = own.get().condition();
        Optional<Double> amps = evidence.counted().stream()
                .filter(r -> r.condition() == condition)
                .flatMap(r -> r.amps().stream())
                .reduce((first, second) -> second);
        shown.add("%s at its own terminals%s, %s."
                .formatted(
                        Amount.volts(Math.abs(own.get().volts()), own.get().resolutionVolts()),
                        amps.map(a -> " at " + Amount.amps(a)).orElse(""),
                        condition.words()));
        double asked = LEAST_SHARE_OF_ASKED
                * Math.min(askedAmps(condition), alternator.rating().ampsIn(condition));
        if (amps.filter(a -> a >= asked).isEmpty()) {
            missing.add("its current then, by clamp: at least %s with these loads".formatted(Amount.amps(asked)));
        }
    }

    private void ripple() {
        OptionalDouble volts = evidence.statedSinceRepair().figure(Topic.RIPPLE_LOADED);
        if (volts.isPresent()) {
            shown.add("Ripple loaded %s AC.".formatted(Amount.volts(volts.getAsDouble(), 0.01)));
        }
        if (volts.isEmpty() || volts.getAsDouble() >= Figures.HEALTHY_RIPPLE_VOLTS) {
            missing.add("ripple under 0.1 V AC, loaded");
        }
    }

    private double leastVolts() {
        int blocks = evidence.circuit().blocks();
        double base = evidence.counted().stream()
                .filter(r -> r.condition() == Condition.REST && evidence.loop().isPosts(r.red(), r.black()))
                .mapToDouble(Reading::volts)
                .reduce((first, second) -> second)
                .orElse(CHARGED_REST_VOLTS * blocks);
        return base + ABOVE_BASE_VOLTS * blocks;
    }

    /** What a healthy vehicle's loads take then, in A; what its battery takes depends on its charge. */
    private double askedAmps(Condition condition) {
        Circuit circuit = evidence.circuit();
        return new NetworkSolver(circuit).solve(condition, VehicleState.healthyAt(evidence.celsius()))
                        instanceof OperatingPoint point
                ? circuit.devices().stream()
                        .filter(Load.class::isInstance)
                        .mapToDouble(load -> Math.abs(point.amps(load.id())))
                        .sum()
                : Double.POSITIVE_INFINITY;
    }
}

package app.dantro.core.profile;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.Side;
import app.dantro.core.finding.Findings;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.finding.Standing;
import app.dantro.core.limits.School;
import app.dantro.core.network.Expectation;
import app.dantro.core.network.VehicleState;
import app.dantro.core.profile.LoopProfile.Remainder;
import app.dantro.core.profile.LoopProfile.SideProfile;
import app.dantro.core.profile.LoopProfile.Split;
import app.dantro.core.profile.LoopProfile.Step;
import app.dantro.core.quantity.Quantile;
import app.dantro.core.reading.Newest;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.Topic;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * The loop profile of the charging circuit under load: steps as read, the others as a healthy vehicle would show them.
 * It draws and does not judge.
 */
public final class ChargingProfile {
    static final Condition CONDITION = Condition.RAISED_LOADED;
    private static final double LEAST_SHARE = 1e-3;

    private final Findings findings;
    private final Circuit circuit;
    private final Alternator alternator;
    private final Expectation healthy;
    private final List<Reading> loaded;
    private final double scale;
    private final double amps;
    private final boolean measuredAmps;

    private ChargingProfile(Findings findings, Alternator alternator, Expectation healthy) {
        this.findings = findings;
        this.circuit = findings.evidence().circuit();
        this.alternator = alternator;
        this.healthy = healthy;
        this.loaded = findings.evidence().counted().stream()
                .filter(r -> r.condition() == CONDITION)
                .toList();
        Optional<Double> measured =
                loaded.stream().flatMap(r -> r.flowingAmps().stream()).reduce(Newest::of);
        double healthyAmps = healthy.nominal().amps(alternator.id());
        this.measuredAmps = measured.isPresent();
        this.amps = measured.orElse(healthyAmps);
        this.scale = amps / healthyAmps;
    }

    /** Empty for a circuit without an alternator, or one that does not charge even when healthy. */
    public static Optional<LoopProfile> of(Findings findings) {
        Circuit circuit = findings.evidence().circuit();
        return circuit.alternator()
                .filter(a -> !circuit.chargingSupply().isEmpty()
                        && !circuit.chargingReturn().isEmpty())
                .flatMap(a -> Expectation.of(
                                circuit,
                                CONDITION,
                                VehicleState.healthyAt(findings.evidence().celsius()))
                        .filter(e -> e.nominal().amps(a.id()) > 1)
                        .map(e -> new ChargingProfile(findings, a, e).draw()));
    }

    private LoopProfile draw() {
        SideProfile supply = side(Side.SUPPLY, circuit.chargingSupply(), alternator.output(), circuit.plusPost());
        SideProfile returns = side(Side.RETURN, circuit.chargingReturn(), circuit.minusPost(), alternator.ground());
        Optional<Double> source = read(alternator.output(), alternator.ground());
        Optional<Remainder> battery = read(circuit.plusPost(), circuit.minusPost())
                .map(v -> new Remainder(v, true))
                .or(() -> source.filter(v -> supply.wholeVolts().isPresent()
                                && returns.wholeVolts().isPresent())
                        .map(v -> new Remainder(
                                v
                                        - supply.wholeVolts().get()
                                        - returns.wholeVolts().get(),
                                false)));
        return new LoopProfile(
                Loop.CHARGING,
                amps,
                measuredAmps,
                source,
                supply,
                returns,
                battery,
                healthy.nominal().between(circuit.plusPost(), circuit.minusPost()),
                Optional.of(split(supply, returns)));
    }

    /** With a clamp on both cables it is what they show, else what a healthy vehicle's would. */
    private Split split(SideProfile supply, SideProfile returns) {
        OptionalDouble stated = findings.evidence().statedSinceRepair().figure(Topic.BATTERY_AMPS);
        boolean known = measuredAmps && stated.isPresent();
        double into = known ? stated.getAsDouble() : -blockAmps();
        return new Split(
                into,
                (known ? amps : healthy.nominal().amps(alternator.id())) - into,
                known,
                supply.wholeVolts().flatMap(s -> returns.wholeVolts().map(r -> s + r)),
                School.TOTAL_VOLTS * circuit.blocks());
    }

    /** What the batteries deliver between the posts, in A; those in series carry the same. */
    private double blockAmps() {
        return circuit.batteries().stream()
                        .mapToDouble(b -> healthy.nominal().amps(b.id()))
                        .sum()
                / circuit.blocks();
    }

    private SideProfile side(Side side, List<Part> parts, PointId first, PointId last) {
        double volts = scale * healthy.nominal().between(first, last);
        double spread = Quantile.HEALTHY * scale * healthy.standardVolts(first, last);
        Optional<Double> whole = read(first, last);
        Excess excess = whole.map(v -> excess(parts, v)).orElse(Excess.NONE);
        return new SideProfile(
                side,
                parts.stream().map(p -> step(p, excess)).toList(),
                whole,
                Math.max(0, volts - spread),
                volts + spread);
    }

    /** Volts that a side lost beyond a healthy one and that no step accounts for, with the weights they fall on. */
    private record Excess(double volts, double weight) {
        static final Excess NONE = new Excess(0, 1);

        public double of(double share) {
            return volts * share / weight;
        }
    }

    private Excess excess(List<Part> parts, double wholeVolts) {
        double left = wholeVolts;
        double weight = 0;
        for (Part part : parts) {
            Optional<Double> read = read(part.from(), part.to());
            left -= read.orElseGet(() -> healthyVolts(part));
            weight += read.isPresent() ? 0 : share(part);
        }
        return weight == 0 ? Excess.NONE : new Excess(left, weight);
    }

    /** How likely a part is the one that loses them: by all readings if they are judged, else by its kind. */
    private double share(Part part) {
        return findings.parts().stream()
                .filter(p -> p.part().equals(part.id()))
                .flatMap(p -> p.suspicion().stream())
                .map(s -> LEAST_SHARE + s.probability())
                .findFirst()
                .orElse(part.kind().assumedFaultWeight());
    }

    private double healthyVolts(Part part) {
        return scale * healthy.nominal().between(part.from(), part.to());
    }

    /** An unread step gets its share of the excess, by how likely it is the bad one; its band holds all of it. */
    private Step step(Part part, Excess excess) {
        double volts = healthyVolts(part);
        double sigma = scale * healthy.standardVolts(part.from(), part.to());
        Optional<Double> read = read(part.from(), part.to());
        double band = Quantile.TWO_SIDED_95 * sigma;
        return new Step(
                part.id(),
                read.isPresent(),
                read.orElse(volts + excess.of(share(part))),
                read.orElse(volts + Math.min(0, excess.volts()) - band),
                read.orElse(volts + Math.max(0, excess.volts()) + band),
                volts,
                volts + Quantile.HEALTHY * sigma,
                standing(part.id()));
    }

    private Standing standing(PartId part) {
        return findings.find(part).map(PartFinding::standing).orElse(Standing.NOT_PROVEN);
    }

    /** The newest loaded reading between two points, with the flow. */
    private Optional<Double> read(PointId from, PointId to) {
        return loaded.stream()
                .filter(r -> r.isAcross(from, to))
                .map(r -> r.red().equals(from) ? r.volts() : -r.volts())
                .reduce(Newest::of);
    }
}

package app.dantro.core.profile;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartKind;
import app.dantro.core.circuit.Resistance.Conductor;
import app.dantro.core.circuit.Side;
import app.dantro.core.limits.School;
import app.dantro.core.network.Expectation;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What a healthy side of a loop loses, held against the limits of the schools. The solenoid's contacts are judged apart
 * and left out.
 */
public final class HealthyRun {
    /** A share of a drop below this is not drawn. */
    private static final double ASSUMED_LEAST_SHARE_VOLTS = 0.005;

    private final List<Part> parts;
    private final Expectation expectation;
    private final List<Allowed> limits;

    private HealthyRun(List<Part> parts, Expectation expectation, List<Allowed> limits) {
        this.parts = parts;
        this.expectation = expectation;
        this.limits = limits;
    }

    /** A school's limit for the side in V, and whether a healthy one keeps it. */
    public record Allowed(String school, double volts, boolean kept) {}

    /**
     * One side of a loop.
     *
     * @param side the parts in the order of flow
     * @param expectation of the healthy vehicle in the condition in which the side is judged
     */
    public static HealthyRun of(
            Circuit circuit, List<Part> side, Side which, List<School> schools, Expectation expectation) {
        List<Part> judged =
                side.stream().filter(p -> p.kind() != PartKind.CONTACTS).toList();
        double total = total(judged, expectation);
        List<Allowed> limits = schools.stream()
                .flatMap(s -> (which == Side.SUPPLY ? s.supplyVolts() : s.returnVolts())
                        .map(v -> v * circuit.blocks()).map(v -> new Allowed(s.name(), v, total <= v)).stream())
                .toList();
        return new HealthyRun(judged, expectation, limits);
    }

    /** What the side loses in all, in V. */
    public double totalVolts() {
        return total(parts, expectation);
    }

    public List<Allowed> limits() {
        return limits;
    }

    /**
     * A conductor's share of the strictest limit in V, by its part of the side's copper length, after the joints have
     * had theirs; empty for what is no conductor of this side, or without a limit.
     */
    public Optional<Double> shareVolts(Part part) {
        OptionalDouble strictest = limits.stream().mapToDouble(Allowed::volts).min();
        double metres = parts.stream().mapToDouble(HealthyRun::metres).sum();
        if (strictest.isEmpty() || metres(part) == 0 || !parts.contains(part)) {
            return Optional.empty();
        }
        double joints = total(parts.stream().filter(p -> metres(p) == 0).toList(), expectation);
        double share = (strictest.getAsDouble() - joints) * metres(part) / metres;
        return Optional.of(Math.max(ASSUMED_LEAST_SHARE_VOLTS, share));
    }

    private static double total(List<Part> parts, Expectation expectation) {
        return parts.stream()
                .mapToDouble(p -> expectation.nominal().between(p.from(), p.to()))
                .sum();
    }

    private static double metres(Part part) {
        return part.resistance() instanceof Conductor c ? c.lengthMetres() : 0;
    }
}

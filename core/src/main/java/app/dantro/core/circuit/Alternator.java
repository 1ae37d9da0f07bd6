package app.dantro.core.circuit;

import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * An alternator with its regulator, or a generator with its separate rectifier-regulator:
 * {@code i = clamp(gm (Vset − Vsense), 0, Imax share)} out of {@code output}.
 *
 * @param output its B+ stud
 * @param ground its own case
 * @param sense where the regulator measures
 */
public record Alternator(
        PartId id, String name, PointId output, PointId ground, Sense sense, Regulation regulation, Rating rating)
        implements Device {
    public Alternator {
        Objects.requireNonNull(id, "id");
        name = Identifiers.words(name, "name of " + id);
        Objects.requireNonNull(sense, "sense");
        Objects.requireNonNull(regulation, "regulation");
        Objects.requireNonNull(rating, "rating");
        Checked.apart(id, output, ground);
    }

    @Override
    public List<PointId> terminals() {
        return List.of(output, ground, sense.plus, sense.minus);
    }

    /** The two points between which the regulator measures. */
    public record Sense(PointId plus, PointId minus) {
        public Sense {
            if (Objects.requireNonNull(plus, "plus").equals(Objects.requireNonNull(minus, "minus"))) {
                throw new IllegalArgumentException(
                        "The regulator senses (%s) against itself. Give it the point and its ground.".formatted(plus));
            }
        }
    }

    /**
     * @param setpointVolts regulated voltage between 20 and 25 °C, in V
     * @param voltsPerKelvin how the setpoint moves outside of them, in V/K
     * @param siemens steepness gm in A/V
     */
    public record Regulation(double setpointVolts, double voltsPerKelvin, double siemens) {
        public Regulation {
            Checked.within(setpointVolts, 1, 60, "setpoint in V");
            Checked.within(voltsPerKelvin, -0.2, 0.2, "setpoint's temperature coefficient in V/K");
            Checked.within(siemens, 0.1, 1e5, "regulator's steepness in A/V");
        }
    }

    /**
     * @param maxAmps current limit at full speed, in A
     * @param share share of it that each running condition's speed allows
     * @param clampVolts its own avalanche diodes conduct above this, in V
     * @param clampOhms and rise with this slope, in Ω
     * @param capVolts a regulator that caps its own output does so here, in V; infinite if it does not
     */
    public record Rating(
            double maxAmps, Map<Condition, Double> share, double clampVolts, double clampOhms, double capVolts) {
        public Rating {
            Checked.within(maxAmps, 0, 2000, "current limit in A");
            share = Checked.perCondition(share, 1, "share of the current limit");
            share.keySet().stream().filter(c -> !c.running()).findFirst().ifPresent(c -> {
                throw new IllegalArgumentException(
                        "The alternator cannot deliver in the condition (%s): the engine does not run."
                                .formatted(c.words()));
            });
            Checked.within(clampVolts, 1, 200, "over-voltage clamp in V");
            Checked.within(clampOhms, 1e-3, 10, "over-voltage clamp's slope in ohm");
            Checked.within(capVolts, 1, Double.POSITIVE_INFINITY, "cap on the output in V");
        }

        /** Most it can deliver in a condition, in A. */
        public double ampsIn(Condition condition) {
            return maxAmps * share.getOrDefault(condition, share.getOrDefault(condition.loadsLike(), 0.0));
        }
    }
}

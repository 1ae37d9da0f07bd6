package app.dantro.core.reading;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.reading.Current.How;
import java.util.Objects;
import java.util.Optional;

/**
 * How a number on a display becomes amperes: a clamp that shows them, a clamp that gives millivolts to a meter, or the
 * drop of a cable whose size is known.
 *
 * @param millivoltsPerAmp output factor of a clamp on a meter; empty for a clamp with a display of its own
 * @param zero what it shows with nothing in its closed jaws, in the display's unit; taken off
 * @param in the one part that is measured, as in {@link Current.Measured}
 */
public record Ammeter(How how, Optional<Double> millivoltsPerAmp, double zero, Optional<PartId> in) {
    private static final double LEAST_FACTOR = 0.01;
    private static final double MOST_FACTOR = 1000;

    public Ammeter {
        Objects.requireNonNull(how, "how");
        millivoltsPerAmp.ifPresent(factor -> {
            if (!(factor >= LEAST_FACTOR && factor <= MOST_FACTOR)) {
                throw new IllegalArgumentException(
                        "The clamp's output factor (%s mV/A) must lie in 0.01 … 1000 mV/A; it is printed on the clamp."
                                .formatted(factor));
            }
        });
        if (!(Math.abs(zero) < Double.POSITIVE_INFINITY)) {
            throw new IllegalArgumentException(
                    "What the clamp shows with empty jaws (%s) must be a number.".formatted(zero));
        }
        if (how == How.CABLE_AS_SHUNT && in.isEmpty()) {
            throw new IllegalArgumentException(
                    "Which cable's drop it is, is missing. Name the cable; only a known one tells the current.");
        }
    }

    /** A clamp with a display of its own, zeroed, in its usual place. */
    public static Ammeter clamp() {
        return new Ammeter(How.CLAMP, Optional.empty(), 0, Optional.empty());
    }

    /**
     * {@code I = V / R} for a cable, {@code (shown − zero) / factor} for a clamp.
     *
     * @param shown amperes, or millivolts where a factor or a cable stands between
     * @throws IllegalArgumentException if the circuit has no such part, or its size is not known
     */
    public Current current(Circuit circuit, double celsius, double shown) {
        Optional<Part> part = in.map(id -> circuit.part(id)
                .orElseThrow(() -> new IllegalArgumentException(
                        "There is no part (%s) in this vehicle. Choose one of its cables.".formatted(id))));
        part.filter(p -> !fits(p)).ifPresent(p -> {
            throw new IllegalArgumentException(
                    "A current cannot be measured in the %s. Choose a cable or strap.".formatted(p.name()));
        });
        double net = shown - zero;
        double amps = how == How.CABLE_AS_SHUNT
                ? net / 1000 / ohms(part.orElseThrow(), celsius)
                : net / millivoltsPerAmp.orElse(1.0);
        return part.map(p -> Current.in(p.id(), amps, how)).orElseGet(() -> Current.of(amps, how));
    }

    /** What its display shows at a current in A: the inverse of {@link #current}. */
    public double shown(Circuit circuit, double celsius, double amps) {
        return how == How.CABLE_AS_SHUNT
                ? amps * 1000 * ohms(circuit.part(in.orElseThrow()).orElseThrow(), celsius)
                : amps * millivoltsPerAmp.orElse(1.0) + zero;
    }

    /** Resistance in Ω by which a cable's drop is divided. */
    public static double ohms(Part cable, double celsius) {
        return cable.resistance().healthyAt(celsius).nominalOhms();
    }

    /** True for what a clamp fits around. */
    public static boolean fits(Part part) {
        return switch (part.kind()) {
            case CABLE, STRAP -> true;
            case JOINT, CONTACTS, SWITCH, FUSE -> false;
        };
    }
}

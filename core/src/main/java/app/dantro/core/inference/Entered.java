package app.dantro.core.inference;

import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/**
 * What was entered of a vehicle beside readings: it narrows the numbers that differ between vehicles. What was not is wide.
 *
 * @param plateAmps the alternator's rating, in A
 * @param ampHours the battery's capacity, in Ah
 * @param pulls whether the solenoid was heard to pull in while nothing turned
 */
public record Entered(
        OptionalDouble plateAmps,
        Optional<Strategy> strategy,
        OptionalDouble ampHours,
        OptionalInt cylinders,
        Optional<Boolean> pulls) {
    public Entered {
        Objects.requireNonNull(plateAmps, "plateAmps");
        Objects.requireNonNull(strategy, "strategy");
        Objects.requireNonNull(ampHours, "ampHours");
        Objects.requireNonNull(cylinders, "cylinders");
        Objects.requireNonNull(pulls, "pulls");
    }

    public static Entered nothing() {
        return new Entered(
                OptionalDouble.empty(),
                Optional.empty(),
                OptionalDouble.empty(),
                OptionalInt.empty(),
                Optional.empty());
    }
}

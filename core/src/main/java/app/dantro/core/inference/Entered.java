package app.dantro.core.inference;

import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/**
 * What was entered of a vehicle beside readings: it narrows the numbers that differ between vehicles. What was not is wide.
 *
 * @param plateAmps the alternator's rating, in A
 * @param setPointVolts what the maker regulates to at 20 °C, in V of the whole system
 * @param idleShare what the alternator gives at idle, as a share of its plate, 0 … 1
 * @param ampHours the battery's capacity, in Ah
 * @param lithium whether its battery is one, which rests high
 * @param slow whether the starter was heard to turn slowly while the readings were taken
 * @param pulls whether the solenoid was heard to pull in while nothing turned
 */
public record Entered(
        OptionalDouble plateAmps,
        Optional<Strategy> strategy,
        OptionalDouble setPointVolts,
        OptionalDouble idleShare,
        OptionalDouble ampHours,
        OptionalInt cylinders,
        boolean lithium,
        Optional<Boolean> slow,
        Optional<Boolean> pulls) {
    public Entered {
        Objects.requireNonNull(plateAmps, "plateAmps");
        Objects.requireNonNull(strategy, "strategy");
        Objects.requireNonNull(setPointVolts, "setPointVolts");
        Objects.requireNonNull(idleShare, "idleShare");
        Objects.requireNonNull(ampHours, "ampHours");
        Objects.requireNonNull(cylinders, "cylinders");
        Objects.requireNonNull(slow, "slow");
        Objects.requireNonNull(pulls, "pulls");
    }

    public static Entered nothing() {
        return new Entered(
                OptionalDouble.empty(),
                Optional.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalInt.empty(),
                false,
                Optional.empty(),
                Optional.empty());
    }
}

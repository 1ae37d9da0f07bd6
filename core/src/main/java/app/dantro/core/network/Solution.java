package app.dantro.core.network;

/** What came of solving: an operating point, or the reason why there is none. */
public sealed interface Solution permits OperatingPoint, Solution.Unsolved {

    /** The operating point; {@link IllegalStateException} with the reason if there is none. */
    OperatingPoint orThrow();

    /** No operating point was found, and no number is given. */
    record Unsolved(String reason, int iterations) implements Solution {
        @Override
        public OperatingPoint orThrow() {
            throw new IllegalStateException("No operating point after %s solutions: %s".formatted(iterations, reason));
        }
    }
}

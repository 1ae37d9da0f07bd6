package app.dantro.core.finding;

import app.dantro.core.inference.ResistanceBelief;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * What all readings together make of a part.
 *
 * @param probability that it is at fault
 * @param shown true if the readings speak against the part rather than for a healthy vehicle; a part of which none does is
 *     not named, however little is left besides it
 * @param resistance what is known of a wiring part's resistance; empty for any other, and before anything was read
 * @param influences what each reading did to it, the strongest first
 */
public record Suspicion(
        double probability,
        boolean shown,
        Later<Optional<ResistanceBelief>> resistance,
        Later<List<Influence>> influences) {
    private static final double NEARLY_CERTAIN = 0.95;
    private static final double LIKELY = 0.6;
    private static final double POSSIBLE = 0.15;
    private static final double UNLIKELY = 0.02;

    /**
     * What one reading did.
     *
     * @param without probability of the part had this reading not been taken
     */
    public record Influence(UUID reading, double without) {}

    /** The same of a part that was cleared: it is not named. */
    public Suspicion ofCleared() {
        return new Suspicion(probability, false, resistance, influences);
    }

    /** True if a part this likely may not be named for it: no reading speaks against it. */
    public boolean unfounded() {
        return !shown && probability >= POSSIBLE;
    }

    /** The probability in a word; of one that nothing shows, that. */
    public String words() {
        return unfounded() ? "not shown by any reading" : words(probability);
    }

    public static String words(double probability) {
        if (probability >= NEARLY_CERTAIN) {
            return "nearly certain";
        }
        if (probability >= LIKELY) {
            return "likely";
        }
        if (probability >= POSSIBLE) {
            return "possible";
        }
        return probability >= UNLIKELY ? "unlikely" : "very unlikely";
    }
}

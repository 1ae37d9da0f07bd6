package app.dantro.server.store;

import app.dantro.core.inference.Experience;
import app.dantro.core.procedure.AsSaid;
import app.dantro.core.procedure.Basis;
import java.util.Optional;

/**
 * From when on a case is judged by something, and why from then.
 *
 * @param position 1 for the first of its case
 * @param experience what the shop's own repairs said then, and say of the case from then on; empty where they are left aside
 * @param closing what was said when the case closed under it
 */
public record StoredBasis(
        int position, Basis basis, Why why, long sinceMs, Optional<Experience> experience, Optional<Closing> closing) {

    /** One in which the shop's own repairs do not count. */
    public StoredBasis(int position, Basis basis, Why why, long sinceMs) {
        this(position, basis, why, sinceMs, Optional.empty(), Optional.empty());
    }

    /** What a case is judged by when it is opened. */
    static StoredBasis opened(Basis basis, Optional<Experience> experience, long atMs) {
        return new StoredBasis(1, basis, Why.OPENED, atMs, experience, Optional.empty());
    }

    /** The same with what the case said when it closed. */
    public StoredBasis closed(Closing said) {
        return new StoredBasis(position, basis, why, sinceMs, experience, Optional.of(said));
    }

    /** Why a case came to be judged by it. */
    public enum Why {
        OPENED("The case was opened"),
        FIRST_KEPT("Opened before this was kept"),
        NEWER_PROGRAM("The program was updated"),
        OWN_LIMITS("The shop's own limits changed"),
        OWN_REPAIRS("The shop's own repairs began to count, or were left aside"),
        REOPENED("Something came on record after the case had closed");

        private final String words;

        Why(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * A closing.
     *
     * @param entries how many entries it rests on; with another number the case is open again
     */
    public record Closing(AsSaid said, int entries, long atMs) {}
}

package app.dantro.core.record;

import app.dantro.core.circuit.PartId;
import java.util.Objects;
import java.util.UUID;

/** A repair of one part; readings of its path taken before it no longer count. */
public record Repair(UUID id, PartId part, Action action, String note, long doneAtMillis) {
    public Repair {
        Objects.requireNonNull(id, "id");
        Objects.requireNonNull(part, "part");
        Objects.requireNonNull(action, "action");
        Objects.requireNonNull(note, "note");
    }

    /** What was done. */
    public enum Action {
        CLEANED("cleaned and tightened"),
        TIGHTENED("tightened"),
        REMADE("end remade"),
        REROUTED("rerouted"),
        REPLACED("replaced"),
        PUT_RIGHT("put right");

        private final String words;

        Action(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }
}

package app.dantro.core.standing;

import app.dantro.core.inference.Observable;
import app.dantro.core.quantity.Reason;
import java.util.List;

/**
 * A link of a chain of proof.
 *
 * @param what is asked for
 * @param any readings of which one closes it
 * @param delivers whether it shows what the device gives, not what reaches it
 */
public record Link(Reason what, List<Observable> any, boolean delivers) {
    public Link {
        any = List.copyOf(any);
    }

    static Link of(Requirement what, List<Observable> any) {
        return new Link(what.with(), any, false);
    }

    static Link of(Requirement what, Observable... any) {
        return of(what, List.of(any));
    }

    Link delivered() {
        return new Link(what, any, true);
    }

    public String words() {
        return what.words();
    }

    /** True if a reading of this closes it, whichever way the leads were. */
    public boolean closedBy(Observable read) {
        return any.stream().anyMatch(read::same);
    }
}

package app.dantro.core.standing;

import app.dantro.core.inference.Observable;
import app.dantro.core.inference.Observation;
import app.dantro.core.quantity.Reason;
import java.util.List;

/**
 * A link of a chain of proof.
 *
 * @param what is asked for
 * @param any readings of which one closes it
 * @param delivers whether it shows what the device gives, not what reaches it
 * @param leastVolts only a reading of so much closes it
 */
public record Link(Reason what, List<Observable> any, boolean delivers, double leastVolts) {
    public Link {
        any = List.copyOf(any);
    }

    static Link of(Requirement what, List<Observable> any) {
        return new Link(what.with(), any, false, 0);
    }

    static Link of(Requirement what, Observable... any) {
        return of(what, List.of(any));
    }

    Link delivered() {
        return new Link(what, any, true, leastVolts);
    }

    Link ofAtLeast(double volts) {
        return new Link(what, any, delivers, volts);
    }

    public String words() {
        return what.words();
    }

    /** True if this is one of the readings it asks for. */
    public boolean asks(Observable what) {
        return any.stream().anyMatch(what::same);
    }

    /** True if what was read closes it, whichever way the leads were. */
    public boolean closedBy(Observation read) {
        return Math.abs(read.value()) >= leastVolts && asks(read.what());
    }
}

package app.dantro.core.standing;

import app.dantro.core.quantity.Reason;
import app.dantro.core.record.Answer;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;
import java.util.Set;

/**
 * Something to see or try before a device may be called faulty.
 *
 * @param optional true for what decides if somebody tries it, and is not waited for
 * @param wanted the answers that speak for the device being faulty; any other speaks against it
 */
public record Look(Topic topic, Set<Answer> wanted, Reason what, boolean optional) {
    public Look {
        wanted = Set.copyOf(wanted);
    }

    static Look of(Topic topic, Requirement what, Answer... wanted) {
        return new Look(topic, Set.of(wanted), what.with(), false);
    }

    /** The same, not waited for. */
    Look ifTried() {
        return new Look(topic, wanted, what, true);
    }

    public String words() {
        return what.words();
    }

    /** True if nobody has looked yet. */
    public boolean open(Statements statements) {
        return !optional && statements.about(topic).isEmpty() && !complained(statements);
    }

    public boolean seen(Statements statements) {
        return statements.answer(topic).filter(wanted::contains).isPresent()
                || statements.about(topic).isEmpty() && (optional || complained(statements));
    }

    /** What the vehicle came in for says it already: that nothing turns is not asked once more. */
    private boolean complained(Statements statements) {
        return topic == Topic.CRANKS
                && wanted.contains(Answer.NOT_AT_ALL)
                && statements.starts().filter(turns -> !turns).isPresent();
    }

    /** True if it was seen, and is not so. */
    public boolean refuted(Statements statements) {
        return !open(statements) && !seen(statements);
    }
}

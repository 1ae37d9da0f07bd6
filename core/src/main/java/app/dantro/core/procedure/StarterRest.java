package app.dantro.core.procedure;

import app.dantro.core.record.Answer;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;
import java.util.List;
import java.util.OptionalLong;

/** Whether the starter has to rest: it was turned as long as it may be in all, and has not cooled since. */
public final class StarterRest {
    private static final long MILLIS = 1000;
    private long turnedMillis;
    private long stoppedAtMillis = Long.MIN_VALUE / 2;
    private long startedAtMillis = -1;

    private StarterRest() {}

    /** Until when no step may turn it, in ms since 1970; empty if it may be turned at any time. */
    public static OptionalLong untilMillis(Statements said) {
        StarterRest rest = new StarterRest();
        List<Statement> cranks =
                said.history().stream().filter(s -> s.topic() == Topic.CRANK).toList();
        cranks.forEach(rest::add);
        boolean rests = rest.turnedMillis >= CrankTime.MOST_SECONDS * MILLIS;
        return rests ? OptionalLong.of(rest.cooledAtMillis()) : OptionalLong.empty();
    }

    private void add(Statement crank) {
        long at = crank.saidAtMillis();
        if (crank.value().equals(Answer.START.name())) {
            if (at >= cooledAtMillis()) {
                turnedMillis = 0;
            }
            startedAtMillis = at;
        } else if (startedAtMillis >= 0) {
            // A start that nobody ended in time was forgotten, not turned.
            turnedMillis += Math.min(Math.max(0, at - startedAtMillis), CrankTime.MOST_SECONDS * MILLIS);
            stoppedAtMillis = at;
            startedAtMillis = -1;
        }
    }

    private long cooledAtMillis() {
        return stoppedAtMillis + CrankTime.REST_SECONDS * MILLIS;
    }
}

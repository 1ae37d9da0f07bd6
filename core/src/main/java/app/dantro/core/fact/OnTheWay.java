package app.dantro.core.fact;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Condition;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import java.util.Optional;

/** What stays on the way from the alternator to the posts, by what it makes and what comes there. */
public final class OnTheWay {
    private OnTheWay() {}

    /**
     * True if the posts hold under all loads, but not so high that a way which loses too much would show there, and nobody
     * read at the machine what it makes.
     */
    public static boolean unread(CaseRecord record) {
        double amply = Marks.AMPLY_CHARGED_VOLTS * record.circuit().blocks();
        boolean modest = record.posts(Condition.RAISED_LOADED)
                .filter(r -> Math.abs(r.volts()) < amply)
                .isPresent();
        return modest
                && ChargingFacts.holds(record).orElse(false)
                && own(record).isEmpty()
                && record.circuit()
                        .alternator()
                        .filter(a -> new BothChargingSides(record, a).read().isEmpty())
                        .isPresent();
    }

    /** True if what the machine makes stands further over what comes to the posts than both sides may lose. */
    static boolean loses(CaseRecord record) {
        double most = Marks.BOTH_SIDES_VOLTS * record.circuit().blocks();
        return own(record)
                .flatMap(own -> record.posts(Condition.RAISED_LOADED)
                        .map(posts -> Math.abs(own.volts()) - Math.abs(posts.volts())))
                .filter(lost -> lost > most)
                .isPresent();
    }

    private static Optional<Reading> own(CaseRecord record) {
        Optional<Alternator> alternator = record.circuit().alternator();
        return alternator.flatMap(a -> record.newest(a.output(), a.ground(), Condition.RAISED_LOADED));
    }
}

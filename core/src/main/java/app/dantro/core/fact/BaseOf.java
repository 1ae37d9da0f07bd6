package app.dantro.core.fact;

import app.dantro.core.circuit.Condition;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Readings;
import app.dantro.core.record.CaseRecord;
import java.util.Optional;

/** The base that a running engine's volts are held against: a battery that was charged since is another one. */
public final class BaseOf {
    /** Nobody charges a battery in less, in ms. */
    public static final long CHARGING_MILLIS = 3_600_000;

    private BaseOf() {}

    /** The last base before a reading; else the first one after it, unless hours lie in between. */
    static Optional<Reading> running(CaseRecord record, Reading running) {
        Readings bases = record.counted()
                .in(Condition.REST)
                .across(record.circuit().plusPost(), record.circuit().minusPost());
        return bases.where(b -> b.takenAtMillis() <= running.takenAtMillis())
                .newest()
                .or(() -> bases.where(b -> b.takenAtMillis() - running.takenAtMillis() < CHARGING_MILLIS)
                        .newest());
    }
}

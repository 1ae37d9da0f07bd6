package app.dantro.core.fact;

import app.dantro.core.circuit.Condition;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import java.util.Optional;
import java.util.stream.Stream;

/** Whether nothing is made at all: then a drop on either side proves nothing (docs/job.md, test 13). */
public final class DeadCharging {
    private DeadCharging() {}

    /** True if under all loads neither the posts nor the machine itself stand above the base. */
    public static boolean shown(CaseRecord record) {
        Optional<Reading> base = record.posts(Condition.REST);
        Optional<Reading> own = record.circuit()
                .alternator()
                .flatMap(a -> record.newest(a.output(), a.ground(), Condition.RAISED_LOADED));
        return base.isPresent()
                && Stream.of(record.posts(Condition.RAISED_LOADED), own)
                        .allMatch(running -> below(running, base.get()));
    }

    private static boolean below(Optional<Reading> running, Reading base) {
        return running.filter(r -> Math.abs(r.volts()) <= Math.abs(base.volts()))
                .isPresent();
    }
}

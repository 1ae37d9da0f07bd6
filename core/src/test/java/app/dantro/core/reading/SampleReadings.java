package app.dantro.core.reading;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PointId;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.UUID;

/** Makes readings for tests. */
public final class SampleReadings {
    private static long clock = 1_000;

    private SampleReadings() {}

    public static Reading cranking(String red, String black, String typed, double amps) {
        return of(red, black, Condition.CRANKING, typed, Current.of(amps, Current.How.CLAMP));
    }

    public static Reading crankingWithoutAmps(String red, String black, String typed) {
        return of(red, black, Condition.CRANKING, typed, Current.unknown());
    }

    public static Reading base(String typed) {
        return of("post-plus", "post-minus", Condition.REST, typed, Current.unknown());
    }

    public static Reading of(String red, String black, Condition condition, String typed, Current current) {
        long now = clock++;
        return new Reading(
                UUID.nameUUIDFromBytes(Long.toString(now).getBytes(StandardCharsets.UTF_8)),
                PointId.of(red),
                PointId.of(black),
                condition,
                TypedVolts.parse(typed),
                Statistic.SETTLED,
                current,
                Optional.empty(),
                false,
                now);
    }

    /** The same reading taken at another moment, in epoch milliseconds. */
    public static Reading takenAt(Reading r, long atMillis) {
        return new Reading(
                r.id(),
                r.red(),
                r.black(),
                r.condition(),
                r.typed(),
                r.statistic(),
                r.current(),
                r.range(),
                r.called(),
                atMillis);
    }

    public static Reading onRange(Reading r, MeterRange range) {
        return new Reading(
                r.id(),
                r.red(),
                r.black(),
                r.condition(),
                r.typed(),
                r.statistic(),
                r.current(),
                Optional.of(range),
                r.called(),
                r.takenAtMillis());
    }
}

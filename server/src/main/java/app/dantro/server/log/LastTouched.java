package app.dantro.server.log;

import app.dantro.server.store.StoredCase;
import app.dantro.server.store.Strike;
import java.util.stream.LongStream;
import java.util.stream.Stream;

/** When something last happened to a case. */
final class LastTouched {
    private LastTouched() {}

    /** In epoch milliseconds, by the clocks of those who did it. */
    static long of(StoredCase file) {
        return Stream.of(
                        LongStream.of(file.record().openedAtMs()),
                        file.readings().stream().mapToLong(r -> r.reading().takenAtMillis()),
                        file.repairs().stream().mapToLong(r -> r.repair().doneAtMillis()),
                        file.tests().stream().mapToLong(t -> t.test().doneAtMillis()),
                        file.statements().stream().mapToLong(s -> s.statement().saidAtMillis()),
                        file.strikes().stream().mapToLong(Strike::struckAtMs))
                .flatMapToLong(times -> times)
                .max()
                .orElseThrow();
    }
}

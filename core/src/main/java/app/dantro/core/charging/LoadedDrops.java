package app.dantro.core.charging;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PointId;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import java.util.List;
import java.util.Optional;

/** The four pairs of the loaded test, and what was read there (docs/job.md, test 15, test 16 and test 17). */
public final class LoadedDrops {
    private LoadedDrops() {}

    /** What a pair of the test is. */
    public enum Pair {
        POSTS("At the battery's posts"),
        OUTPUT("B+ to the alternator's case"),
        SUPPLY("Whole supply side"),
        RETURN("Whole return side");

        private final String words;

        Pair(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** One of them, with its newest reading. */
    public record LoadedDrop(Pair what, PointId red, PointId black, Condition condition, Optional<Reading> read) {}

    /** All of them; none for a vehicle without an alternator. */
    public static List<LoadedDrop> of(CaseRecord record) {
        return record.circuit().alternator().map(a -> of(record, a)).orElse(List.of());
    }

    private static List<LoadedDrop> of(CaseRecord record, Alternator alternator) {
        Circuit circuit = record.circuit();
        return List.of(
                drop(record, Pair.POSTS, circuit.plusPost(), circuit.minusPost()),
                drop(record, Pair.OUTPUT, alternator.output(), alternator.ground()),
                drop(record, Pair.SUPPLY, alternator.output(), circuit.plusPost()),
                drop(record, Pair.RETURN, circuit.minusPost(), alternator.ground()));
    }

    private static LoadedDrop drop(CaseRecord record, Pair what, PointId red, PointId black) {
        Condition condition = Condition.RAISED_LOADED;
        return new LoadedDrop(what, red, black, condition, record.newest(red, black, condition));
    }
}

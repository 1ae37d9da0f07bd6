package app.dantro.core.fact;

import app.dantro.core.circuit.Battery;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.Repair;
import java.util.List;
import java.util.Optional;

/**
 * Two batteries in parallel with everything off. A dead cell hides behind the good neighbour, which holds both posts up; but
 * it goes on feeding it, and that current shows between their posts (docs/physics.md, battery).
 */
public final class PairAtRest {
    /** From so much on it speaks, in V. */
    public static final double SPEAKS_VOLTS = Marks.FED_VOLTS;

    private PairAtRest() {}

    /** What was read between their + posts with everything off, since one of them was put right. */
    public static Optional<Reading> between(CaseRecord record) {
        return record.circuit()
                .pair()
                .flatMap(pair ->
                        record.newest(pair.get(0).positivePost(), pair.get(1).positivePost(), Condition.REST))
                .filter(r -> r.takenAtMillis() > putRightAtMillis(record));
    }

    /** The same, where it is more than a meter's error: one feeds the other. */
    public static Optional<Reading> fed(CaseRecord record) {
        double parted = basesApart(record);
        return between(record)
                .filter(r -> Math.abs(r.volts())
                        >= Math.max(
                                Marks.FED_VOLTS,
                                (parted >= Marks.FED_APART_VOLTS ? 1 : Marks.FED_DIGITS)
                                        * r.typed().resolutionVolts()));
    }

    /** True if it was read, and nothing that a meter can tell flows. */
    public static boolean silent(CaseRecord record) {
        return between(record)
                .filter(r ->
                        Math.abs(r.volts()) < Math.max(SPEAKS_VOLTS, r.typed().resolutionVolts()))
                .isPresent();
    }

    /** By what the bases at their own posts differ, in V; none if either was not read. */
    private static double basesApart(CaseRecord record) {
        List<Reading> bases = record.circuit().pair().stream()
                .flatMap(List::stream)
                .flatMap(b -> record.newest(b.positivePost(), b.negativePost(), Condition.REST).stream())
                .toList();
        return bases.size() < 2
                ? 0
                : Math.abs(
                        Math.abs(bases.get(0).volts()) - Math.abs(bases.get(1).volts()));
    }

    /** When a battery was repaired last; long ago if none was. */
    public static long putRightAtMillis(CaseRecord record) {
        List<PartId> batteries =
                record.circuit().batteries().stream().map(Battery::id).toList();
        return record.repairs().stream()
                .filter(r -> batteries.contains(r.part()))
                .mapToLong(Repair::doneAtMillis)
                .max()
                .orElse(Long.MIN_VALUE);
    }
}

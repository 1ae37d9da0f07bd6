package app.dantro.core.record;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.circuit.Stretch;
import app.dantro.core.reading.Newest;
import app.dantro.core.reading.Reading;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** What the repairs of a case changed: which readings they outdated, and a part before and after. */
public final class Repaired {
    private static final Comparator<Reading> IN_TIME =
            Comparator.comparingLong(Reading::takenAtMillis).thenComparing(Reading::id);

    private static final Set<Topic.Group> SEEN = EnumSet.of(Topic.Group.LOOK, Topic.Group.PROOF, Topic.Group.FIGURE);

    private final CaseRecord record;

    Repaired(CaseRecord record) {
        this.record = record;
    }

    /** When the last repair was made; long ago if none was. */
    long lastAtMillis() {
        return record.lastRepair().map(Repair::doneAtMillis).orElse(Long.MIN_VALUE);
    }

    /** True if something was read or seen since the last repair, until a moment: without it a passed test shows nothing. */
    public boolean shownUntil(long millis) {
        long since = lastAtMillis();
        boolean read = record.readings().stream()
                .filter(r -> !r.struck())
                .mapToLong(r -> r.reading().takenAtMillis())
                .anyMatch(at -> at > since && at <= millis);
        return read
                || record.statements().history().stream()
                        .filter(s -> SEEN.contains(s.topic().group()))
                        .mapToLong(Statement::saidAtMillis)
                        .anyMatch(at -> at > since && at <= millis);
    }

    Optional<Reading> acrossBefore(PartId part) {
        return across(part, ReadingState.BEFORE_REPAIR).reduce(Newest::of);
    }

    /** In the condition it was read in before: a drop without that current would retest nothing. */
    Optional<Reading> acrossSince(PartId part) {
        Optional<Condition> same = acrossBefore(part).map(Reading::condition);
        return across(part, ReadingState.COUNTS)
                .filter(r -> r.takenAtMillis() > lastAtMillis())
                .filter(r -> same.map(c -> c == r.condition()).orElse(true))
                .reduce(Newest::of);
    }

    /** How it was heard to turn since the last repair. */
    public Optional<Statement> turned() {
        return record.statements().about(Topic.CRANKS).filter(s -> s.saidAtMillis() > lastAtMillis());
    }

    /** True if it was heard so since the last repair. */
    public boolean turned(Answer so) {
        return turned().filter(s -> s.value().equals(so.name())).isPresent();
    }

    /** The last reading across just the repaired part before that repair. */
    public Optional<Reading> before(Repair repair) {
        return ever(repair.part())
                .filter(r -> r.takenAtMillis() <= repair.doneAtMillis())
                .max(IN_TIME);
    }

    /**
     * What that repair left across its part: the newest reading before the next repair of the same part, in the condition of
     * the reading before it.
     */
    public Optional<Reading> after(Repair repair) {
        long until = record.repairs().stream()
                .filter(r -> r.part().equals(repair.part()) && r.doneAtMillis() > repair.doneAtMillis())
                .mapToLong(Repair::doneAtMillis)
                .min()
                .orElse(Long.MAX_VALUE);
        Optional<Condition> same = before(repair).map(Reading::condition);
        return ever(repair.part())
                .filter(r -> r.takenAtMillis() > repair.doneAtMillis() && r.takenAtMillis() <= until)
                .filter(r -> same.map(c -> c == r.condition()).orElse(true))
                .max(IN_TIME);
    }

    /** Readings across just a part that count now or counted until a repair. */
    private Stream<Reading> ever(PartId part) {
        return Stream.concat(across(part, ReadingState.COUNTS), across(part, ReadingState.BEFORE_REPAIR));
    }

    private Stream<Reading> across(PartId id, ReadingState state) {
        return record.circuit().part(id).stream()
                .map(part -> OutOfReach.around(record, part))
                .flatMap(ends -> record.inState(state).across(ends.from(), ends.to()).stream());
    }

    /**
     * A repair changes what its path reads, and what every part reads that shares the voltage with the starter. Off the
     * starting loop any repair may have changed a reading.
     */
    boolean outdated(Reading reading) {
        List<Repair> later = record.repairs().stream()
                .filter(r -> r.doneAtMillis() >= reading.takenAtMillis())
                .toList();
        if (later.isEmpty()) {
            return false;
        }
        SeriesLoop loop = record.loop();
        boolean offTheLoop = !loop.has(reading.red())
                || !loop.has(reading.black())
                || reading.condition().running();
        if (offTheLoop || reading.condition().starterCalled() && stood()) {
            return true;
        }
        Stretch stretch = loop.between(reading.red(), reading.black());
        return later.stream().anyMatch(repair -> touches(repair.part(), stretch, reading));
    }

    /** The key was held and nothing turned: once it does other currents flow everywhere. */
    private boolean stood() {
        return record.statements().starts().filter(turns -> !turns).isPresent();
    }

    private boolean touches(PartId part, Stretch stretch, Reading reading) {
        boolean battery = record.circuit().batteries().stream().anyMatch(b -> b.id().equals(part));
        if (battery && record.loop().isPosts(reading.red(), reading.black())) {
            return true;
        }
        return stretch.covers(part) && (stretch.isDrop() || reading.condition().loadsStarterCables())
                || stretch.withConsumer() && reading.condition().starterCalled();
    }
}

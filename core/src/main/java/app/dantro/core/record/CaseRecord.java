package app.dantro.core.record;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.circuit.Stretch;
import app.dantro.core.network.StartingLoop;
import app.dantro.core.reading.Amount;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Reading;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * All that is on record for one case.
 *
 * @param celsius temperature of engine and air in °C
 * @param statements what was said and seen beside readings
 */
public record CaseRecord(
        Circuit circuit,
        SeriesLoop loop,
        double celsius,
        List<RecordedReading> readings,
        List<Repair> repairs,
        List<ComplaintTest> tests,
        Statements statements) {
    private static final Comparator<Reading> IN_TIME =
            Comparator.comparingLong(Reading::takenAtMillis).thenComparing(Reading::id);

    public CaseRecord {
        readings = List.copyOf(readings);
        repairs = repairs.stream()
                .sorted(Comparator.comparingLong(Repair::doneAtMillis).thenComparing(Repair::id))
                .toList();
        tests = tests.stream()
                .sorted(Comparator.comparingLong(ComplaintTest::doneAtMillis).thenComparing(ComplaintTest::id))
                .toList();
    }

    /** The evidence of a case in a circuit that can crank. */
    public static CaseRecord of(
            Circuit circuit,
            double celsius,
            List<RecordedReading> readings,
            List<Repair> repairs,
            List<ComplaintTest> tests) {
        return new CaseRecord(circuit, StartingLoop.of(circuit), celsius, readings, repairs, tests, Statements.none());
    }

    /** The same case with other things said and seen. */
    public CaseRecord with(Statements said) {
        return new CaseRecord(circuit, loop, celsius, readings, repairs, tests, said);
    }

    /** The readings that count and lie on the way of the starting current, in the order they were taken. */
    public List<Reading> countedOnLoop() {
        return counted().stream()
                .filter(r -> loop.has(r.red()) && loop.has(r.black()))
                .filter(r -> !r.condition().running())
                .toList();
    }

    public ReadingState stateOf(RecordedReading recorded) {
        ReadingState state = recorded.state();
        if (state != ReadingState.COUNTS) {
            return state;
        }
        if (outdated(recorded.reading())) {
            return ReadingState.BEFORE_REPAIR;
        }
        return recorded.reading().statistic().instant() ? ReadingState.PEAK : ReadingState.COUNTS;
    }

    /** The readings that count, answers worked in, in the order they were taken, with what was known of currents. */
    public List<Reading> observed() {
        return readings.stream()
                .filter(r -> stateOf(r) == ReadingState.COUNTS)
                .map(RecordedReading::effective)
                .sorted(IN_TIME)
                .toList();
    }

    /** The same for rules of one loop: a current that is not the loop's is as good as not measured. */
    public List<Reading> counted() {
        return observed().stream().map(this::onItsWay).toList();
    }

    /**
     * A reading with the current of the way it lies on: that in the starter's cables is the loop's, that in the charge cable
     * the alternator's; that in any other part tells a rule nothing.
     */
    public Reading onItsWay(Reading reading) {
        if (!(reading.current() instanceof Current.Measured measured)
                || measured.in().isEmpty()) {
            return reading;
        }
        Condition condition = reading.condition();
        List<Part> way = condition.loadsStarterCables()
                ? loop.supply()
                : condition.running() || condition == Condition.PILE_ALTERNATOR
                        ? circuit.chargeCable().stream().toList()
                        : List.of();
        boolean whole = measured.amps() >= 0
                && way.stream().map(Part::id).anyMatch(measured.in().get()::equals);
        return reading.with(whole ? Current.of(measured.amps(), measured.how()) : Current.unknown());
    }

    /** The newest reading that counts between two points in a condition, whichever way the leads were. */
    public Optional<Reading> newest(PointId one, PointId other, Condition condition) {
        return counted().stream()
                .filter(r -> r.condition() == condition)
                .filter(r -> Set.of(r.red(), r.black()).equals(Set.of(one, other)))
                .reduce((first, second) -> second);
    }

    /** A reading's size with its current, as it is shown. */
    public static String shown(Reading reading) {
        return Amount.volts(Math.abs(reading.volts()), reading.resolutionVolts())
                + reading.amps().map(a -> " at " + Amount.amps(a)).orElse("");
    }

    /** The peaks since the last repair that touched them, in the order they were taken. */
    public List<Reading> peaks() {
        return readings.stream()
                .filter(r -> stateOf(r) == ReadingState.PEAK)
                .map(RecordedReading::effective)
                .sorted(IN_TIME)
                .toList();
    }

    /** What was stated, without the figures that the last repair outdated. */
    public Statements statedSinceRepair() {
        return statements.measuredAfter(lastRepair().map(Repair::doneAtMillis).orElse(Long.MIN_VALUE));
    }

    public Optional<Repair> lastRepair() {
        return repairs.isEmpty() ? Optional.empty() : Optional.of(repairs.get(repairs.size() - 1));
    }

    /** The newest reading across just a wiring part that no longer counts since a repair. */
    public Optional<Reading> acrossBefore(PartId part) {
        return across(part, ReadingState.BEFORE_REPAIR).max(IN_TIME);
    }

    /**
     * The newest reading across just a wiring part since the last repair of any, in the condition it was read in before: a
     * drop without that current would retest nothing.
     */
    public Optional<Reading> acrossSince(PartId part) {
        long since = lastRepair().map(Repair::doneAtMillis).orElse(Long.MIN_VALUE);
        Optional<Condition> same = acrossBefore(part).map(Reading::condition);
        return across(part, ReadingState.COUNTS)
                .filter(r -> r.takenAtMillis() > since)
                .filter(r -> same.map(c -> c == r.condition()).orElse(true))
                .max(IN_TIME);
    }

    /** The last reading across just the repaired part before that repair. */
    public Optional<Reading> before(Repair repair) {
        return across(repair.part(), r -> r.takenAtMillis() <= repair.doneAtMillis())
                .max(IN_TIME);
    }

    /**
     * What that repair left across its part: the newest reading before the next repair of the same part, in the condition of
     * the reading before it.
     */
    public Optional<Reading> after(Repair repair) {
        long until = repairs.stream()
                .filter(r -> r.part().equals(repair.part()) && r.doneAtMillis() > repair.doneAtMillis())
                .mapToLong(Repair::doneAtMillis)
                .min()
                .orElse(Long.MAX_VALUE);
        Optional<Condition> same = before(repair).map(Reading::condition);
        return across(repair.part(), r -> r.takenAtMillis() > repair.doneAtMillis() && r.takenAtMillis() <= until)
                .filter(r -> same.map(c -> c == r.condition()).orElse(true))
                .max(IN_TIME);
    }

    /** Readings across just a part that count now or counted until a repair. */
    private Stream<Reading> across(PartId id, Predicate<Reading> when) {
        return Stream.concat(across(id, ReadingState.COUNTS), across(id, ReadingState.BEFORE_REPAIR))
                .filter(when);
    }

    private Stream<Reading> across(PartId id, ReadingState state) {
        return circuit.part(id).stream()
                .flatMap(part -> readings.stream()
                        .filter(r -> stateOf(r) == state)
                        .map(RecordedReading::effective)
                        .filter(r -> Set.of(r.red(), r.black()).equals(Set.of(part.from(), part.to()))));
    }

    /** Why the case was closed without proof; a reading or repair after that opens it again. */
    public Optional<Statement> closedUnverified() {
        return statements
                .about(Topic.CLOSED_UNVERIFIED)
                .filter(closed -> counted().stream().allMatch(r -> r.takenAtMillis() <= closed.saidAtMillis()))
                .filter(closed -> repairs.stream().allMatch(r -> r.doneAtMillis() <= closed.saidAtMillis()));
    }

    /** The last complaint test after the last repair. */
    public Optional<ComplaintTest> lastTest() {
        long since = lastRepair().map(Repair::doneAtMillis).orElse(Long.MIN_VALUE);
        return tests.stream().filter(t -> t.doneAtMillis() > since).reduce((first, second) -> second);
    }

    /**
     * A repair changes what its path reads, and what every part reads that shares the voltage with the starter. Off the
     * starting loop any repair may have changed a reading.
     */
    private boolean outdated(Reading reading) {
        if (!loop.has(reading.red())
                || !loop.has(reading.black())
                || reading.condition().running()) {
            return repairs.stream().anyMatch(repair -> repair.doneAtMillis() >= reading.takenAtMillis());
        }
        Stretch stretch = loop.between(reading.red(), reading.black());
        return repairs.stream()
                .filter(repair -> repair.doneAtMillis() >= reading.takenAtMillis())
                .anyMatch(repair -> touches(repair.part(), stretch, reading));
    }

    private boolean touches(PartId part, Stretch stretch, Reading reading) {
        boolean battery = circuit.batteries().stream().anyMatch(b -> b.id().equals(part));
        if (battery && loop.isPosts(reading.red(), reading.black())) {
            return true;
        }
        return stretch.covers(part) && reading.condition().loadsStarterCables()
                || stretch.withConsumer() && reading.condition().starterCalled();
    }
}

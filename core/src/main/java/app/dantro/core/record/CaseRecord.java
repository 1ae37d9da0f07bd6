package app.dantro.core.record;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.circuit.Stretch;
import app.dantro.core.network.StartingLoop;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Newest;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Readings;
import app.dantro.core.slip.Slip;
import app.dantro.core.slip.SlipRules;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
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
        Objects.requireNonNull(circuit, "circuit");
        Objects.requireNonNull(loop, "loop");
        Objects.requireNonNull(statements, "statements");
        if (!Double.isFinite(celsius)) {
            throw new IllegalArgumentException("The temperature (%s °C) must be a number.".formatted(celsius));
        }
        readings = List.copyOf(readings);
        repairs = repairs.stream()
                .sorted(Comparator.comparingLong(Repair::doneAtMillis).thenComparing(Repair::id))
                .toList();
        tests = tests.stream()
                .sorted(Comparator.comparingLong(ComplaintTest::doneAtMillis).thenComparing(ComplaintTest::id))
                .toList();
    }

    /** The record of a case in a circuit that can crank. */
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

    /** The case as it stood when a repair was made. */
    public CaseRecord before(Repair repair) {
        return new CaseRecord(
                circuit,
                loop,
                celsius,
                readings.stream()
                        .filter(r -> r.reading().takenAtMillis() <= repair.doneAtMillis())
                        .toList(),
                repairs.stream().filter(r -> !r.equals(repair)).toList(),
                List.of(),
                statements);
    }

    public ReadingState stateOf(RecordedReading recorded) {
        ReadingState state = recorded.state();
        if (state != ReadingState.COUNTS) {
            return state;
        }
        if (repaired().outdated(recorded.reading())) {
            return ReadingState.BEFORE_REPAIR;
        }
        return recorded.reading().statistic().instant() ? ReadingState.PEAK : ReadingState.COUNTS;
    }

    /** The readings that count, answers worked in, with what was known of currents. */
    public Readings observed() {
        return inState(ReadingState.COUNTS);
    }

    /** The same for rules of one loop: a current that is not the loop's is as good as not measured. */
    public Readings counted() {
        return Readings.of(observed().stream().map(this::onItsWay));
    }

    /** The readings that count and lie on the way of the starting current. */
    public Readings countedOnLoop() {
        return counted()
                .where(r -> loop.has(r.red())
                        && loop.has(r.black())
                        && !r.condition().running());
    }

    /** The peaks since the last repair that touched them. */
    public Readings peaks() {
        return inState(ReadingState.PEAK);
    }

    /** The readings in one state, answers worked in. */
    Readings inState(ReadingState state) {
        boolean signs = writesSigns();
        return Readings.of(readings.stream()
                .filter(r -> stateOf(r) == state)
                .map(RecordedReading::effective)
                .map(reading -> signs ? reading : withTheFlow(reading))
                .sorted(IN_TIME));
    }

    /** What is asked about a reading as it is entered into this case, if anything. */
    public Optional<Slip> asked(Reading reading) {
        SlipRules.Vehicle vehicle = new SlipRules.Vehicle(
                circuit,
                loop,
                celsius,
                statements.turns() || statements.starts().isPresent(),
                statements.starts().orElse(true),
                statements.cranksWithoutComplaint(),
                statements.figure(Topic.RATED_AMPS),
                statements.says(Topic.CHEMISTRY, Answer.LITHIUM),
                StillUndone.of(this));
        return SlipRules.atEntry(vehicle, counted(), onItsWay(reading));
    }

    /** True if somebody was asked about a reading and said that the meter showed it. */
    public boolean confirmed(UUID reading) {
        return readings.stream()
                .anyMatch(r -> r.reading().id().equals(reading)
                        && r.answer().filter(Slip.Answer.AS_READ::equals).isPresent());
    }

    /** True if a minus was ever typed: then a missing one means something. */
    public boolean writesSigns() {
        return readings.stream()
                .anyMatch(r -> !r.struck() && r.reading().typed().volts() < 0);
    }

    /**
     * While the starter is called for the current's direction is settled: of somebody who writes no signs a drop counts by
     * its size, whichever way the leads were (docs/everyday.md, the sign of a drop).
     */
    private Reading withTheFlow(Reading reading) {
        boolean settled = reading.condition().starterCalled()
                && loop.has(reading.red())
                && loop.has(reading.black())
                && reading.volts() > 0;
        if (!settled) {
            return reading;
        }
        Stretch stretch = loop.between(reading.red(), reading.black());
        return stretch.isDrop() && !stretch.withFlow() ? reading.meaning(-reading.volts()) : reading;
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
        boolean whole = measured.amps() >= 0
                && wayOf(reading.condition()).stream()
                        .map(Part::id)
                        .anyMatch(measured.in().get()::equals);
        return reading.with(whole ? Current.of(measured.amps(), measured.how()) : Current.unknown());
    }

    /** The parts that the loop's whole current flows in. */
    private List<Part> wayOf(Condition condition) {
        if (condition.loadsStarterCables()) {
            return loop.supply();
        }
        return condition.alternatorsCurrent() ? circuit.chargeCable().stream().toList() : List.of();
    }

    /** The newest reading that counts between two points in a condition, whichever way the leads were. */
    public Optional<Reading> newest(PointId one, PointId other, Condition condition) {
        return counted().in(condition).across(one, other).newest();
    }

    /** The newest reading that counts at the battery's posts in a condition. */
    public Optional<Reading> posts(Condition condition) {
        return newest(circuit.plusPost(), circuit.minusPost(), condition);
    }

    /** What was stated, without the figures that the last repair outdated. */
    public Statements statedSinceRepair() {
        return statements.measuredAfter(repaired().lastAtMillis());
    }

    public Optional<Repair> lastRepair() {
        return repairs.isEmpty() ? Optional.empty() : Optional.of(repairs.get(repairs.size() - 1));
    }

    /** What the repairs changed. */
    public Repaired repaired() {
        return new Repaired(this);
    }

    /** The newest reading across just a wiring part that no longer counts since a repair. */
    public Optional<Reading> acrossBefore(PartId part) {
        return repaired().acrossBefore(part);
    }

    /** The newest reading across just a wiring part since the last repair of any, as it was read before. */
    public Optional<Reading> acrossSince(PartId part) {
        return repaired().acrossSince(part);
    }

    /** What the case was ended as, by whoever worked on it; a reading or repair after that opens it again. */
    public Optional<Statement> ended() {
        return Stream.of(Topic.ENDED, Topic.LEFT, Topic.CLOSED_UNVERIFIED)
                .flatMap(topic -> statements.about(topic).stream())
                .max(Comparator.comparingLong(Statement::saidAtMillis))
                .filter(end -> counted().stream().allMatch(r -> r.takenAtMillis() <= end.saidAtMillis()))
                .filter(end -> repairs.stream().allMatch(r -> r.doneAtMillis() <= end.saidAtMillis()));
    }

    /** The last complaint test after the last repair; a passed one counts only after something was read or seen. */
    public Optional<ComplaintTest> lastTest() {
        long since = repaired().lastAtMillis();
        return tests.stream()
                .filter(t -> t.doneAtMillis() > since)
                .filter(t -> !t.passed() || repaired().shownUntil(t.doneAtMillis()))
                .reduce(Newest::of);
    }
}

package app.dantro.server.store;

import app.dantro.core.charging.WhatItNeeds;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.ProbePoint;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.Statements;
import app.dantro.core.slip.Slip;
import app.dantro.server.problem.ProblemException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;

/** All that is on record for one case. */
public record StoredCase(
        CaseHead record,
        CaseCircuit onCircuit,
        List<StoredReading> readings,
        List<StoredRepair> repairs,
        List<StoredTest> tests,
        List<StoredStatement> statements,
        List<StoredPhoto> photos,
        List<Strike> strikes,
        List<StoredBasis> bases,
        Optional<Simulation> simulation) {

    /** A case of which nothing is on record yet. */
    public static StoredCase opened(CaseHead record, CaseCircuit circuit) {
        return new StoredCase(
                record,
                circuit,
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                Optional.empty());
    }

    public Circuit circuit() {
        return onCircuit.circuit();
    }

    public SeriesLoop loop() {
        return onCircuit.loop();
    }

    /** Name of any part, device, or the batteries together. */
    public String nameOf(PartId part) {
        return circuit().nameOf(part).orElseGet(() -> loop().nameOf(part));
    }

    /** Name of a probe point; its id if the circuit has it no more. */
    public String nameOf(PointId point) {
        return circuit().point(point).map(ProbePoint::name).orElse(point.value());
    }

    /**
     * A probe point of this case's circuit.
     *
     * @throws ProblemException naming the field, if there is no such point
     */
    public PointId point(String field, String value) {
        List<ProbePoint> points = circuit().points();
        return points.stream()
                .map(ProbePoint::id)
                .filter(id -> id.value().equals(value))
                .findFirst()
                .orElseThrow(() -> ProblemException.field(
                        field,
                        "There is no probe point (%s) in this circuit. It has: %s."
                                .formatted(
                                        value,
                                        points.stream().map(p -> p.id().value()).collect(Collectors.joining(", ")))));
    }

    /** The same file with one more reading, in the order the store gives them. */
    public StoredCase with(StoredReading reading) {
        List<StoredReading> more = new ArrayList<>(readings);
        more.add(reading);
        more.sort(Comparator.comparingLong((StoredReading r) -> r.reading().takenAtMillis())
                .thenComparing(r -> r.reading().id().toString()));
        return new StoredCase(record, onCircuit, more, repairs, tests, statements, photos, strikes, bases, simulation);
    }

    /** The same file with the answer to what was asked about a reading. */
    public StoredCase answered(UUID reading, Slip.Answer answer) {
        List<StoredReading> others = readings.stream()
                .map(r -> r.reading().id().equals(reading) ? r.answered(answer) : r)
                .toList();
        return new StoredCase(
                record, onCircuit, others, repairs, tests, statements, photos, strikes, bases, simulation);
    }

    /** The same file with other repairs and statements. */
    public StoredCase beside(List<StoredRepair> done, List<StoredStatement> said) {
        return new StoredCase(record, onCircuit, readings, done, tests, said, photos, strikes, bases, simulation);
    }

    /** The same file with other bases of its judgement. */
    public StoredCase on(List<StoredBasis> others) {
        return new StoredCase(
                record, onCircuit, readings, repairs, tests, statements, photos, strikes, others, simulation);
    }

    /** What it is judged by now; nothing for a case of which that was never kept. */
    public Optional<StoredBasis> basis() {
        return bases.isEmpty() ? Optional.empty() : Optional.of(bases.get(bases.size() - 1));
    }

    /** What it said when it closed, if it did and nothing that is judged came on record since. */
    public Optional<StoredBasis.Closing> closing() {
        return basis().flatMap(StoredBasis::closing).filter(c -> c.entries() == judged());
    }

    /** How many entries are on record; nothing is ever taken out, so a later state has never fewer. */
    public int entries() {
        int besides = (int) strikes.stream().filter(s -> !isJudged(s)).count();
        return judged() + (statements.size() - judgedStatements()) + photos.size() + besides + bases.size();
    }

    /**
     * How many of them can change what follows: pictures cannot, nor who has the case in hand, nor what is struck of them, nor
     * setting the case aside.
     */
    public int judged() {
        int answers =
                (int) readings.stream().filter(r -> r.answer().isPresent()).count();
        int struck = (int) strikes.stream().filter(this::isJudged).count();
        return onCircuit.version()
                + readings.size()
                + answers
                + repairs.size()
                + tests.size()
                + judgedStatements()
                + struck;
    }

    private int judgedStatements() {
        return (int) statements.stream().filter(StoredCase::isJudged).count();
    }

    private static boolean isJudged(StoredStatement said) {
        return said.statement().topic().judged();
    }

    private boolean isJudged(Strike strike) {
        return !strike.target().equals(record.id())
                && photos.stream().noneMatch(p -> p.id().equals(strike.target()))
                && statements.stream()
                        .noneMatch(s -> !isJudged(s) && s.statement().id().equals(strike.target()));
    }

    /** The strike that is in force on a target, if it is struck. */
    public Optional<Strike> strikeOn(UUID target) {
        Map<UUID, Strike> newest = new HashMap<>();
        strikes.forEach(s -> newest.put(s.target(), s));
        return Optional.ofNullable(newest.get(target)).filter(s -> !s.restores());
    }

    public boolean isStruck(UUID target) {
        return strikeOn(target).isPresent();
    }

    /** True for a reading, repair, test, statement or picture of this case, or the case itself. */
    public boolean holds(UUID target) {
        return record.id().equals(target)
                || readings.stream().anyMatch(r -> r.reading().id().equals(target))
                || repairs.stream().anyMatch(r -> r.repair().id().equals(target))
                || tests.stream().anyMatch(t -> t.test().id().equals(target))
                || statements.stream().anyMatch(s -> s.statement().id().equals(target))
                || photos.stream().anyMatch(p -> p.id().equals(target));
    }

    /** The statements that are not struck, in the order they were recorded. */
    public List<StoredStatement> standing() {
        return statements.stream().filter(s -> !isStruck(s.statement().id())).toList();
    }

    /** The evidence that follows: struck repairs and tests left out, struck readings marked, what was put right among the repairs. */
    public CaseRecord evidence() {
        return WhatItNeeds.heard(
                new CaseRecord(
                        circuit(),
                        loop(),
                        record.celsius(),
                        readings.stream()
                                .map(r -> r.recorded(isStruck(r.reading().id())))
                                .toList(),
                        repairs.stream()
                                .map(StoredRepair::repair)
                                .filter(r -> !isStruck(r.id()))
                                .toList(),
                        tests.stream()
                                .map(StoredTest::test)
                                .filter(t -> !isStruck(t.id()))
                                .toList(),
                        Statements.of(standing().stream()
                                .map(StoredStatement::statement)
                                .toList())),
                record.concern());
    }
}

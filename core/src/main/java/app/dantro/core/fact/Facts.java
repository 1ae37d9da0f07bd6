package app.dantro.core.fact;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.circuit.Side;
import app.dantro.core.reading.Newest;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Readings;
import app.dantro.core.record.CaseRecord;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What follows from a case's readings by physics alone. The same record always gives the same facts.
 *
 * @param counted the readings that count on the starting loop
 * @param verdicts the answer to each drop that counts, in the order they were taken
 * @param contradictions readings that do not fit together
 */
public record Facts(
        CaseRecord record, Readings counted, List<DropVerdict> verdicts, List<Contradiction> contradictions) {
    public Facts {
        verdicts = List.copyOf(verdicts);
        contradictions = List.copyOf(contradictions);
    }

    public static Facts of(CaseRecord record) {
        Readings counted = record.countedOnLoop();
        DropJudge judge = new DropJudge(record, counted);
        List<DropVerdict> verdicts =
                counted.stream().flatMap(r -> judge.judge(r).stream()).toList();
        return new Facts(record, counted, verdicts, Contradictions.of(record.loop(), counted, verdicts));
    }

    public SeriesLoop loop() {
        return record.loop();
    }

    /** The newest answer over a whole side. */
    public Optional<DropVerdict> whole(Side side) {
        Map.Entry<PointId, PointId> ends = loop().ends(side);
        return verdicts.stream()
                .filter(v -> v.reading().isAcross(ends.getKey(), ends.getValue()))
                .reduce(Newest::of);
    }

    /** The newest answer across just this part. */
    public Optional<DropVerdict> across(PartId part) {
        return across(verdicts, part);
    }

    static Optional<DropVerdict> across(List<DropVerdict> verdicts, PartId part) {
        return verdicts.stream().filter(v -> v.stretch().isJust(part)).reduce(Newest::of);
    }

    /** True if a drop certifies a part, and none across just it condemns it. */
    public boolean certified(PartId part) {
        return certified(verdicts, part);
    }

    static boolean certified(List<DropVerdict> verdicts, PartId part) {
        return verdicts.stream().anyMatch(v -> v.clears() && v.stretch().covers(part))
                && across(verdicts, part).filter(DropVerdict::condemns).isEmpty();
    }

    /** The largest current at which a part was certified, in amperes. */
    public double certifiedAmps(PartId part) {
        return verdicts.stream()
                .filter(v -> v.clears() && v.stretch().covers(part))
                .mapToDouble(v -> v.healthy().amps())
                .max()
                .orElse(0);
    }

    /** All readings at the posts in a condition. */
    public Readings posts(Condition condition) {
        return counted.in(condition).where(r -> loop().isPosts(r.red(), r.black()));
    }

    /** The newest current measured while cranking, in amperes. */
    public Optional<Double> crankingAmps() {
        return counted.in(Condition.CRANKING).newestAmps();
    }

    /** True if a contradiction names the reading. */
    public boolean contradicted(Reading reading) {
        return contradictions.stream().anyMatch(c -> c.unclosed().contains(reading.id()));
    }
}

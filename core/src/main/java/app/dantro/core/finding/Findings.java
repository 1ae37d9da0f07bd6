package app.dantro.core.finding;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.circuit.Side;
import app.dantro.core.circuit.Stretch;
import app.dantro.core.fact.DropVerdict;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What the readings say.
 *
 * @param verdicts the answer to each drop that counts, in the order they were taken
 * @param parts standing of every part along the loop: battery, supply, starter, return
 * @param contradictions sentences about readings that do not fit together
 * @param doubts readings that no likely fault explains
 */
public record Findings(
        CaseRecord evidence,
        List<Reading> counted,
        List<DropVerdict> verdicts,
        List<PartFinding> parts,
        List<String> contradictions,
        List<Doubt> doubts,
        String headline) {

    /** Findings by rules alone. */
    public Findings(
            CaseRecord evidence,
            List<Reading> counted,
            List<DropVerdict> verdicts,
            List<PartFinding> parts,
            List<String> contradictions,
            String headline) {
        this(evidence, counted, verdicts, parts, contradictions, List.of(), headline);
    }

    /** The same with the judgement's standings, doubts and headline. */
    public Findings judged(List<PartFinding> judged, List<Doubt> doubted, String says) {
        return new Findings(
                evidence, counted, verdicts, List.copyOf(judged), contradictions, List.copyOf(doubted), says);
    }

    /** The same under another headline. */
    public Findings headed(String says) {
        return new Findings(evidence, counted, verdicts, parts, contradictions, doubts, says);
    }

    public SeriesLoop loop() {
        return evidence.loop();
    }

    public PartFinding of(PartId id) {
        return parts.stream().filter(p -> p.part().equals(id)).findFirst().orElseThrow();
    }

    public Standing standing(PartId id) {
        return of(id).standing();
    }

    /** The newest answer over a whole side. */
    public Optional<DropVerdict> whole(Side side) {
        Map.Entry<?, ?> ends = loop().ends(side);
        return verdicts.stream()
                .filter(v ->
                        Set.of(v.reading().red(), v.reading().black()).equals(Set.of(ends.getKey(), ends.getValue())))
                .reduce((first, second) -> second);
    }

    /** The newest answer across just this part. */
    public Optional<DropVerdict> across(PartId part) {
        return verdicts.stream().filter(v -> v.stretch().isJust(part)).reduce((first, second) -> second);
    }

    /** The newest reading at the posts in a condition. */
    public Optional<Reading> posts(Condition condition) {
        return counted.stream()
                .filter(r -> r.condition() == condition && loop().isPosts(r.red(), r.black()))
                .reduce((first, second) -> second);
    }

    /** All readings at the posts in a condition. */
    public List<Reading> allPosts(Condition condition) {
        return counted.stream()
                .filter(r -> r.condition() == condition && loop().isPosts(r.red(), r.black()))
                .toList();
    }

    /** The newest current measured while cranking, in amperes. */
    public Optional<Double> crankingAmps() {
        return counted.stream()
                .filter(r -> r.condition() == Condition.CRANKING)
                .flatMap(r -> r.amps().filter(a -> a > 0).stream())
                .reduce((first, second) -> second);
    }

    public List<PartId> withStanding(Standing standing) {
        return parts.stream()
                .filter(p -> p.standing() == standing)
                .map(PartFinding::part)
                .toList();
    }

    /** The stretch that fails and still holds suspects: the shortest one. */
    public Optional<Stretch> failing() {
        return verdicts.stream()
                .filter(DropVerdict::condemns)
                .map(DropVerdict::stretch)
                .filter(s -> s.parts().stream().anyMatch(p -> standing(p.id()) == Standing.SUSPECT))
                .min(java.util.Comparator.comparingInt(s -> s.parts().size()));
    }
}

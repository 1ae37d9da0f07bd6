package app.dantro.core.finding;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.circuit.Side;
import app.dantro.core.circuit.Stretch;
import app.dantro.core.fact.Contradiction;
import app.dantro.core.fact.DropVerdict;
import app.dantro.core.fact.Facts;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Readings;
import app.dantro.core.record.CaseRecord;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What the readings say.
 *
 * @param parts standing of every part that is known: along the loop by rules alone, all of them once they are judged
 * @param doubts readings that no likely fault explains
 * @param because what the headline says
 */
public record Findings(Facts facts, List<PartFinding> parts, List<Doubt> doubts, List<Reason> because) {
    public Findings {
        Objects.requireNonNull(facts, "facts");
        parts = List.copyOf(parts);
        doubts = List.copyOf(doubts);
        because = List.copyOf(because);
    }

    /** The same under another headline. */
    public Findings headed(List<Reason> other) {
        return new Findings(facts, parts, doubts, other);
    }

    public String headline() {
        return Reason.words(because);
    }

    public CaseRecord evidence() {
        return facts.record();
    }

    public SeriesLoop loop() {
        return facts.loop();
    }

    public Readings counted() {
        return facts.counted();
    }

    public List<DropVerdict> verdicts() {
        return facts.verdicts();
    }

    /** Sentences about readings that do not fit together. */
    public List<String> contradictions() {
        return facts.contradictions().stream()
                .map(Contradiction::because)
                .map(Reason::words)
                .toList();
    }

    /** These, and as open what nothing is said of until all readings are judged together: it can be repaired already. */
    public List<PartFinding> ofEveryPart() {
        Circuit circuit = evidence().circuit();
        Stream<PartFinding> open = Stream.concat(
                        circuit.parts().stream().map(p -> PartFinding.open(p.id(), p.name())),
                        circuit.alternator().stream().map(a -> PartFinding.open(a.id(), a.name())))
                .filter(p -> find(p.part()).isEmpty());
        return Stream.concat(parts.stream(), open).toList();
    }

    /** The finding of a part, if anything is known of it. */
    public Optional<PartFinding> find(PartId id) {
        return parts.stream().filter(p -> p.part().equals(id)).findFirst();
    }

    public PartFinding of(PartId id) {
        return find(id).orElseThrow(() ->
                new IllegalArgumentException("Nothing is known of a part (%s) in this case.".formatted(id)));
    }

    /** Where a part stands; what nothing is known of is not proven. */
    public Standing standing(PartId id) {
        return find(id).map(PartFinding::standing).orElse(Standing.NOT_PROVEN);
    }

    /** The newest answer over a whole side. */
    public Optional<DropVerdict> whole(Side side) {
        return facts.whole(side);
    }

    /** The newest answer across just this part. */
    public Optional<DropVerdict> across(PartId part) {
        return facts.across(part);
    }

    /** The newest reading at the posts in a condition. */
    public Optional<Reading> posts(Condition condition) {
        return facts.posts(condition).newest();
    }

    /** All readings at the posts in a condition. */
    public Readings allPosts(Condition condition) {
        return facts.posts(condition);
    }

    /** The newest current measured while cranking, in amperes. */
    public Optional<Double> crankingAmps() {
        return facts.crankingAmps();
    }

    public List<PartId> withStanding(Standing standing) {
        return parts.stream()
                .filter(p -> p.standing() == standing)
                .map(PartFinding::part)
                .toList();
    }

    /** The stretch that fails and still holds suspects: the shortest one. */
    public Optional<Stretch> failing() {
        return verdicts().stream()
                .filter(DropVerdict::condemns)
                .map(DropVerdict::stretch)
                .filter(s -> s.parts().stream().anyMatch(p -> standing(p.id()) == Standing.SUSPECT))
                .min(Comparator.comparingInt(s -> s.parts().size()));
    }
}

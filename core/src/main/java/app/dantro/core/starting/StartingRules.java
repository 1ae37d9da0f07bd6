package app.dantro.core.starting;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.circuit.Side;
import app.dantro.core.fact.DropJudge;
import app.dantro.core.fact.DropVerdict;
import app.dantro.core.finding.Findings;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.finding.Standing;
import app.dantro.core.reading.Amount;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.ComplaintTest;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** The front door: evidence in, findings out. The same evidence always gives the same findings. */
public final class StartingRules {
    private final CaseRecord evidence;
    private final SeriesLoop loop;
    private final List<Reading> counted;
    private final List<DropVerdict> verdicts;

    private StartingRules(CaseRecord evidence) {
        this.evidence = evidence;
        this.loop = evidence.loop();
        this.counted = evidence.countedOnLoop();
        DropJudge judge = new DropJudge(loop, evidence.celsius(), counted);
        this.verdicts = counted.stream().flatMap(r -> judge.judge(r).stream()).toList();
    }

    public static Findings of(CaseRecord evidence) {
        return new StartingRules(evidence).find();
    }

    private Findings find() {
        PathJudge paths = new PathJudge(loop, evidence.celsius(), counted, verdicts);
        List<PartFinding> parts = new ArrayList<>();
        parts.add(new BatteryJudge(loop, evidence.celsius(), evidence.statements())
                .finding(posts(Condition.REST), posts(Condition.CRANKING)));
        parts.addAll(new EachBattery(evidence).findings());
        loop.supply().forEach(p -> parts.add(paths.finding(p)));
        parts.add(starter());
        loop.returns().forEach(p -> parts.add(paths.finding(p)));
        return new Findings(evidence, counted, verdicts, List.copyOf(parts), paths.contradictions(), headline(parts));
    }

    private List<Reading> posts(Condition condition) {
        return counted.stream()
                .filter(r -> r.condition() == condition && loop.isPosts(r.red(), r.black()))
                .toList();
    }

    /** The starter is cleared by turning normally at normal current; it is never condemned here (docs/job.md). */
    private PartFinding starter() {
        PartId id = loop.starter().id();
        Optional<Reading> crank = posts(Condition.CRANKING).stream()
                .reduce((a, b) -> b)
                .filter(r -> r.amps().isPresent());
        boolean turns = evidence.lastTest().map(ComplaintTest::passed).orElse(false);
        boolean normal = crank.flatMap(Reading::amps)
                .map(a -> a >= loop.crankingAmps().lowAmps()
                        && a <= loop.crankingAmps().highAmps())
                .orElse(false);
        if (turns && normal) {
            return new PartFinding(
                    id,
                    "starter",
                    Standing.CLEARED,
                    "Turns the engine normally at %s, within its class."
                            .formatted(Amount.amps(crank.get().amps().get())),
                    List.of(crank.get().id()),
                    List.of());
        }
        return new PartFinding(
                id,
                "starter",
                Standing.NOT_PROVEN,
                "Judged last: only once battery and both sides are proven good does a slow crank speak against it.",
                List.of(),
                List.of("both sides certified", "the engine known to turn freely by hand"));
    }

    private String headline(List<PartFinding> parts) {
        if (counted.isEmpty()) {
            return "No readings yet.";
        }
        List<String> sentences = new ArrayList<>();
        parts.stream()
                .filter(p -> p.standing() == Standing.FAULTY)
                .forEach(p -> sentences.add("Faulty: the %s.".formatted(p.name())));
        suspects(parts).ifPresent(sentences::add);
        parts.stream()
                .filter(p -> p.part().equals(loop.battery().id()))
                .filter(p -> p.standing() == Standing.CLEARED || p.standing() == Standing.SUSPECT)
                .forEach(p -> sentences.add("Battery " + p.standing().words() + "."));
        for (Side side : Side.values()) {
            certified(side, parts).ifPresent(sentences::add);
        }
        return sentences.isEmpty() ? "Nothing is proven yet." : String.join(" ", sentences);
    }

    private Optional<String> suspects(List<PartFinding> parts) {
        List<PartFinding> suspects = parts.stream()
                .filter(p ->
                        p.standing() == Standing.SUSPECT && loop.part(p.part()).isPresent())
                .toList();
        if (suspects.isEmpty()) {
            return Optional.empty();
        }
        if (suspects.size() == 1) {
            return Optional.of("Suspect: the %s.".formatted(suspects.get(0).name()));
        }
        String sides = suspects.stream()
                .map(p -> loop.sideOf(p.part()).words())
                .distinct()
                .collect(Collectors.joining(" and the "));
        return Optional.of("Volts are lost on the %s: one of %d parts.".formatted(sides, suspects.size()));
    }

    private Optional<String> certified(Side side, List<PartFinding> parts) {
        Map<PartId, Standing> standing =
                parts.stream().collect(Collectors.toMap(PartFinding::part, PartFinding::standing));
        boolean all = loop.side(side).stream().map(Part::id).allMatch(p -> standing.get(p) == Standing.CLEARED);
        double least = loop.side(side).stream()
                .mapToDouble(part -> mostAmps(part.id()))
                .min()
                .orElse(0);
        String name = side == Side.SUPPLY ? "Supply side" : "Return side";
        return all ? Optional.of("%s certified at %s.".formatted(name, Amount.amps(least))) : Optional.empty();
    }

    /** The largest current at which a part was certified, in amperes. */
    private double mostAmps(PartId part) {
        return verdicts.stream()
                .filter(v -> v.clears() && v.stretch().covers(part))
                .mapToDouble(v -> v.healthy().amps())
                .max()
                .orElse(0);
    }
}

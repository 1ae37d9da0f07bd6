package app.dantro.core.procedure;

import app.dantro.core.circuit.PartId;
import app.dantro.core.figure.FigureVerdict;
import app.dantro.core.finding.Findings;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.finding.Standing;
import app.dantro.core.finding.StandingRule;
import app.dantro.core.procedure.Step.Kind;
import app.dantro.core.profile.LoopProfile;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.record.Topic;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

/** What a case said when it closed, in the words in which it was said. */
public record AsSaid(Stage stage, String headline, List<Part> parts, List<Figure> figures) {
    public AsSaid {
        parts = List.copyOf(parts);
        figures = List.copyOf(figures);
    }

    /** A part's standing, and why. */
    public record Part(PartId part, String name, Standing standing, String says) {}

    /** What a figure beside the volts said. */
    public record Figure(List<Topic> topics, String what, String shown, FigureVerdict.Sign sign, String says) {
        public Figure {
            topics = List.copyOf(topics);
        }
    }

    /** What an assessment says. */
    public static AsSaid of(Assessment assessment) {
        return new AsSaid(
                assessment.stage(),
                assessment.findings().headline(),
                assessment.findings().parts().stream()
                        .map(p -> new Part(p.part(), p.name(), p.standing(), p.says()))
                        .toList(),
                assessment.beside().figures().stream()
                        .map(f -> new Figure(f.topics(), f.what().words(), f.shown(), f.sign(), f.says()))
                        .toList());
    }

    /**
     * What a closed case shows: the same as ever where this program comes to it too; otherwise as it was said.
     *
     * @param under what it was judged by when it closed
     * @param now what this program makes of the record
     */
    public Assessment over(Assessment now, Basis under) {
        boolean working = now instanceof Assessment.ByRules;
        if (under.ofThisProgram() && (working || of(now).equals(this))) {
            return now;
        }
        Findings said = new Findings(
                now.findings().facts(),
                parts.stream().map(AsSaid::finding).toList(),
                List.of(),
                List.of(asSaid(headline)));
        Conclusions closed = new Conclusions(
                said,
                standing(now.profile()),
                now.other().map(this::standing),
                stage,
                Step.of(Kind.DONE, asSaid(stage.words()), List.of(ProcedureReason.KEPT_AS_SAID.with()), List.of()),
                List.of());
        Assessment.Beside beside = new Assessment.Beside(
                Course.of(said, stage),
                now.beside().cranks(),
                now.beside().rulings(),
                now.beside().schools(),
                figures.stream().map(AsSaid::figure).toList(),
                now.beside().carried(),
                List.of(),
                now.beside().forbidden());
        Optional<String> other = Optional.of(now)
                .filter(a -> !working)
                .map(a -> a.findings().headline())
                .filter(h -> !h.equals(headline));
        return new Assessment.AsClosed(closed, beside, under, other);
    }

    private static Reason asSaid(String words) {
        return ProcedureReason.AS_SAID.with(Quantity.named(words));
    }

    private static PartFinding finding(Part said) {
        return PartFinding.open(said.part, said.name)
                .as(said.standing, asSaid(said.says))
                .by(StandingRule.AS_SAID);
    }

    private static FigureVerdict figure(Figure said) {
        return new FigureVerdict(said.topics, asSaid(said.what), said.shown, said.sign, List.of(asSaid(said.says)));
    }

    private LoopProfile standing(LoopProfile profile) {
        Map<PartId, Standing> standings = parts.stream().collect(Collectors.toMap(Part::part, Part::standing));
        UnaryOperator<LoopProfile.Step> said =
                step -> step.standing(standings.getOrDefault(step.part(), step.standing()));
        return profile.with(said);
    }
}

package app.dantro.server.charging;

import app.dantro.core.charging.ColdAndWarm;
import app.dantro.core.charging.FeedCheck;
import app.dantro.core.charging.GroundTree;
import app.dantro.core.charging.OutputSteps;
import app.dantro.core.charging.SensingEffects;
import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.Regulator;
import app.dantro.core.figure.ElectricalLoad;
import app.dantro.core.figure.FigureVerdict;
import app.dantro.core.figure.Figures;
import app.dantro.core.finding.Findings;
import app.dantro.core.finding.Standing;
import app.dantro.core.profile.ChargingProfile;
import app.dantro.core.profile.LoopProfile;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.Topic;
import app.dantro.server.job.CaseFile;
import app.dantro.server.job.CaseFiles;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Everything the charging view shows. */
@RestController
@RequestMapping("/api/cases/{caseId}/charging")
class ChargingController {
    private final CaseFiles files;

    ChargingController(CaseFiles files) {
        this.files = files;
    }

    /** A pair of points to put the leads on. */
    record PairView(String red, String black, Condition condition) {
        static PairView of(PointId red, PointId black, Condition condition) {
            return new PairView(red.value(), black.value(), condition);
        }
    }

    /** One thing that must reach the alternator with the key on. */
    record FeedPinView(
            String name,
            Optional<PairView> pair,
            Optional<Topic> topic,
            Optional<String> shown,
            FigureVerdict.Sign sign,
            String says) {
        static FeedPinView of(FeedCheck.Pin pin) {
            return new FeedPinView(
                    pin.name(),
                    pin.red().map(red -> PairView.of(red, pin.black().orElseThrow(), Condition.KEY_ON)),
                    pin.topic(),
                    pin.shown(),
                    pin.sign(),
                    pin.says());
        }
    }

    /** A load that may be switched on. */
    record LoadView(ElectricalLoad load, String words, double lowAmps, double highAmps, boolean steady) {
        static List<LoadView> all(Circuit circuit) {
            int blocks = circuit.blocks();
            return Arrays.stream(ElectricalLoad.values())
                    .map(l -> new LoadView(l, l.words(), l.lowAmps(blocks), l.highAmps(blocks), l.steady()))
                    .toList();
        }
    }

    /** A branch of the ground tree. */
    record BranchView(
            String part,
            String name,
            int depth,
            String toName,
            boolean joins,
            List<String> hangs,
            double healthyAmps,
            double healthyVolts,
            double upperVolts,
            Optional<Double> readVolts,
            Optional<Double> readAmps,
            Optional<Double> liftVolts,
            boolean lifted,
            Standing standing,
            PairView across,
            PairView lift) {
        static BranchView of(GroundTree.Branch b, Circuit circuit) {
            return new BranchView(
                    b.part().value(),
                    b.name(),
                    b.depth(),
                    b.toName(),
                    b.joins(),
                    b.hangs(),
                    b.healthyAmps(),
                    b.healthyVolts(),
                    b.upperVolts(),
                    b.readVolts(),
                    b.readAmps(),
                    b.liftVolts(),
                    b.lifted(),
                    b.standing(),
                    PairView.of(b.to(), b.from(), Condition.RAISED_LOADED),
                    PairView.of(b.to(), circuit.minusPost(), Condition.RAISED_LOADED));
        }
    }

    /** The drops of the loaded test with what was read. */
    record LoadedView(String name, PairView pair, Optional<String> shown) {}

    /** A step of the output curve. */
    record OutputStepView(
            Condition condition,
            String conditionWords,
            boolean atOutput,
            double amps,
            double volts,
            double share,
            double mostAmps) {
        static OutputStepView of(OutputSteps.Step s) {
            return new OutputStepView(
                    s.condition(), s.condition().words(), s.atOutput(), s.amps(), s.volts(), s.share(), s.mostAmps());
        }
    }

    /** A drop read cold and warm. */
    record ComparedView(
            String what,
            String conditionWords,
            String cold,
            String warm,
            String scaled,
            FigureVerdict.Sign sign,
            String says) {
        static ComparedView of(ColdAndWarm.Compared c) {
            return new ComparedView(
                    c.what(), c.condition().words(), c.cold(), c.warm(), c.scaled(), c.sign(), c.says());
        }
    }

    /** What a bad part would do to the battery's voltage and to B+ against its case, in V. */
    record EffectView(String part, String name, double addedOhms, double postsVolts, double outputVolts, String says) {
        static EffectView of(SensingEffects.Effect e) {
            return new EffectView(e.part().value(), e.name(), e.addedOhms(), e.postsVolts(), e.outputVolts(), e.says());
        }
    }

    /**
     * The charging side of one case; empty lists for a vehicle without an alternator.
     *
     * @param regulator what a verdict about the voltage would name
     * @param regulatedVolts what a healthy one holds at the posts, all loads on
     * @param separate true for a generator with a rectifier-regulator of its own: it has phases and no field
     * @param effects what each part would do if it went bad, the strongest first
     * @param compared how far B+ to case stands above the posts, and what follows; absent until both were read
     */
    record ChargingView(
            boolean charges,
            String sensing,
            String regulator,
            boolean separate,
            double regulatedVolts,
            List<EffectView> effects,
            List<FeedPinView> feed,
            String feedSays,
            List<LoadView> loads,
            List<LoadedView> loaded,
            Optional<String> compared,
            List<BranchView> ground,
            double ratedAmps,
            List<OutputStepView> steps,
            List<OutputStepView> healthy,
            List<ComparedView> coldAndWarm,
            List<FigureVerdict> output,
            List<FigureVerdict> regulation,
            List<FigureVerdict> drain) {}

    @GetMapping
    ChargingView charging(@PathVariable UUID caseId) {
        CaseFile file = files.load(caseId);
        Findings findings = files.assess(file).findings();
        CaseRecord evidence = findings.evidence();
        Circuit circuit = evidence.circuit();
        Optional<FeedCheck> feed = FeedCheck.of(evidence);
        Optional<OutputSteps> steps = OutputSteps.of(evidence);
        SensingEffects effects = SensingEffects.of(circuit, evidence.celsius());
        return new ChargingView(
                circuit.alternator().isPresent(),
                circuit.alternator().map(a -> sensing(circuit, a)).orElse(""),
                circuit.regulator().map(Regulator::words).orElse(""),
                circuit.regulator().filter(Regulator.SEPARATE::equals).isPresent(),
                effects.healthyVolts(),
                effects.effects().stream().map(EffectView::of).toList(),
                feed.map(FeedCheck::pins).orElse(List.of()).stream()
                        .map(FeedPinView::of)
                        .toList(),
                feed.map(FeedCheck::says).orElse(""),
                LoadView.all(circuit),
                circuit.alternator().map(a -> loaded(evidence, a)).orElse(List.of()),
                ChargingProfile.of(findings).flatMap(LoopProfile::parted).map(LoopProfile.Parted::says),
                GroundTree.of(findings).map(GroundTree::branches).orElse(List.of()).stream()
                        .map(b -> BranchView.of(b, circuit))
                        .toList(),
                steps.map(OutputSteps::ratedAmps).orElse(0.0),
                steps.map(OutputSteps::steps).orElse(List.of()).stream()
                        .map(OutputStepView::of)
                        .toList(),
                steps.map(OutputSteps::healthy).orElse(List.of()).stream()
                        .map(OutputStepView::of)
                        .toList(),
                ColdAndWarm.of(evidence).stream().map(ComparedView::of).toList(),
                Figures.ofOutput(evidence),
                Figures.ofRegulation(evidence),
                Figures.ofDrain(evidence));
    }

    private static String sensing(Circuit circuit, Alternator alternator) {
        return "It senses %s against %s."
                .formatted(
                        name(circuit, alternator.sense().plus()),
                        name(circuit, alternator.sense().minus()));
    }

    private static List<LoadedView> loaded(CaseRecord evidence, Alternator alternator) {
        Circuit circuit = evidence.circuit();
        return List.of(
                loaded(evidence, "At the battery's posts", circuit.plusPost(), circuit.minusPost()),
                loaded(evidence, "B+ to the alternator's case", alternator.output(), alternator.ground()),
                loaded(evidence, "Whole supply side", alternator.output(), circuit.plusPost()),
                loaded(evidence, "Whole return side", circuit.minusPost(), alternator.ground()));
    }

    private static LoadedView loaded(CaseRecord evidence, String name, PointId red, PointId black) {
        return new LoadedView(
                name,
                PairView.of(red, black, Condition.RAISED_LOADED),
                evidence.newest(red, black, Condition.RAISED_LOADED).map(CaseRecord::shown));
    }

    private static String name(Circuit circuit, PointId point) {
        return circuit.point(point).map(p -> p.name()).orElse(point.value());
    }
}

package app.dantro.server.charging;

import app.dantro.core.charging.ChargingSide;
import app.dantro.core.charging.ColdAndWarm;
import app.dantro.core.charging.FeedCheck;
import app.dantro.core.charging.LoadedDrops.LoadedDrop;
import app.dantro.core.charging.OutputSteps;
import app.dantro.core.charging.SensingEffects;
import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.ProbePoint;
import app.dantro.core.circuit.Regulator;
import app.dantro.core.figure.ElectricalLoad;
import app.dantro.core.figure.FigureVerdict.Sign;
import app.dantro.core.profile.LoopProfile;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.Topic;
import app.dantro.server.view.FigureView;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * The charging side of one case on the wire; empty lists for a vehicle without an alternator.
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
        List<WalkView> walks,
        List<PileView> piles,
        double ratedAmps,
        List<OutputStepView> steps,
        List<OutputStepView> healthy,
        List<ComparedView> coldAndWarm,
        List<FigureView> output,
        List<FigureView> regulation,
        List<FigureView> drain) {

    /** Maps the charging side; judges nothing. */
    static ChargingView of(ChargingSide side, Optional<LoopProfile> profile) {
        Circuit circuit = side.record().circuit();
        Optional<OutputSteps> steps = side.steps();
        return new ChargingView(
                circuit.alternator().isPresent(),
                circuit.alternator().map(a -> sensing(circuit, a)).orElse(""),
                circuit.regulator().map(Regulator::words).orElse(""),
                circuit.regulator().filter(Regulator.SEPARATE::equals).isPresent(),
                side.effects().healthyVolts(),
                side.effects().effects().stream().map(EffectView::of).toList(),
                FeedPinView.all(side.feed()),
                side.feed().map(f -> f.because().words()).orElse(""),
                LoadView.all(circuit),
                side.loaded().stream().map(LoadedView::of).toList(),
                profile.flatMap(LoopProfile::parted).map(p -> p.because().words()),
                BranchView.all(side.ground(), circuit),
                side.walks().stream().map(w -> WalkView.of(w, circuit)).toList(),
                side.piles().stream().map(PileView::of).toList(),
                steps.map(OutputSteps::ratedAmps).orElse(0.0),
                OutputStepView.all(steps.map(OutputSteps::steps)),
                OutputStepView.all(steps.map(OutputSteps::healthy)),
                side.coldAndWarm().stream().map(ComparedView::of).toList(),
                FigureView.all(side.output()),
                FigureView.all(side.regulation()),
                FigureView.all(side.drain()));
    }

    private static String sensing(Circuit circuit, Alternator alternator) {
        return "It senses %s against %s."
                .formatted(
                        name(circuit, alternator.sense().plus()),
                        name(circuit, alternator.sense().minus()));
    }

    static String name(Circuit circuit, PointId point) {
        return circuit.point(point).map(ProbePoint::name).orElse(point.value());
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
            Optional<String> expected,
            Sign sign,
            String says) {
        static List<FeedPinView> all(Optional<FeedCheck> feed) {
            return feed.map(FeedCheck::pins).orElse(List.of()).stream()
                    .map(FeedPinView::of)
                    .toList();
        }

        private static FeedPinView of(FeedCheck.Pin pin) {
            return new FeedPinView(
                    pin.name().words(),
                    pin.leads().map(l -> PairView.of(l.red(), l.black(), Condition.KEY_ON)),
                    pin.topic(),
                    pin.shown(),
                    pin.expected(),
                    pin.sign(),
                    pin.because().words());
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

    /** The drops of the loaded test with what was read. */
    record LoadedView(String name, PairView pair, Optional<String> shown) {
        static LoadedView of(LoadedDrop drop) {
            return new LoadedView(
                    drop.what().words(),
                    PairView.of(drop.red(), drop.black(), drop.condition()),
                    drop.read().map(Reading::sized));
        }
    }

    /** A step of the output curve. */
    record OutputStepView(
            Condition condition,
            String conditionWords,
            boolean atOutput,
            double amps,
            double volts,
            double share,
            double mostAmps) {
        static List<OutputStepView> all(Optional<List<OutputSteps.Step>> steps) {
            return steps.orElse(List.of()).stream().map(OutputStepView::of).toList();
        }

        private static OutputStepView of(OutputSteps.Step s) {
            return new OutputStepView(
                    s.condition(), s.condition().words(), s.atOutput(), s.amps(), s.volts(), s.share(), s.mostAmps());
        }
    }

    /** A drop read cold and warm. */
    record ComparedView(
            String what, String conditionWords, String cold, String warm, String scaled, Sign sign, String says) {
        static ComparedView of(ColdAndWarm.Compared c) {
            return new ComparedView(
                    c.what().words(),
                    c.condition().words(),
                    c.cold().words(),
                    c.warm().words(),
                    c.scaled(),
                    c.sign(),
                    c.because().words());
        }
    }

    /** What a bad part would do to the battery's voltage and to B+ against its case, in V. */
    record EffectView(String part, String name, double addedOhms, double postsVolts, double outputVolts, String says) {
        static EffectView of(SensingEffects.Effect e) {
            return new EffectView(
                    e.part().value(),
                    e.name(),
                    e.addedOhms(),
                    e.postsVolts(),
                    e.outputVolts(),
                    e.because().words());
        }
    }
}

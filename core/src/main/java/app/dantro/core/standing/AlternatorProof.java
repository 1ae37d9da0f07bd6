package app.dantro.core.standing;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.Regulator;
import app.dantro.core.inference.Observable;
import app.dantro.core.record.Answer;
import app.dantro.core.record.Topic;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** What an alternator's verdict needs: what it makes, the battery, the ways there and back, and what it senses. */
final class AlternatorProof {
    private static final List<Condition> CHARGING = List.of(Condition.RAISED_LOADED, Condition.RAISED);
    private static final List<Condition> WAY_THERE =
            List.of(Condition.KEY_ON, Condition.RAISED, Condition.RAISED_LOADED);

    private final Circuit circuit;
    private final Taken taken;
    private final boolean undercharging;

    AlternatorProof(Circuit circuit, Taken taken, boolean undercharging) {
        this.circuit = circuit;
        this.taken = taken;
        this.undercharging = undercharging;
    }

    static List<Look> looks(Regulator regulator) {
        Look generator = Look.of(Topic.GENERATOR_GOOD, Requirement.PHASES, Answer.YES, Answer.NO);
        Look belt = Look.of(Topic.BELT_DRIVES, Requirement.BELT, Answer.YES);
        Look plug = Look.of(Topic.PLUG_FED, Requirement.PLUG, Answer.YES);
        Look field = Look.of(Topic.FIELD_ANSWERS, Requirement.FIELD, Answer.YES, Answer.NO);
        return switch (regulator) {
            case SEPARATE -> List.of(generator);
            case INSIDE -> List.of(belt, plug);
            case BOX -> List.of(belt, plug, field);
            case COMPUTER ->
                List.of(
                        belt,
                        plug,
                        field,
                        Look.of(Topic.UNPLUGGED, Requirement.UNPLUGGED, Answer.NOTHING)
                                .ifTried());
        };
    }

    List<Link> chain(Alternator a) {
        List<Link> chain = new ArrayList<>();
        chain.add(Link.of(Requirement.OWN_VOLTS, own(a)).delivered());
        if (undercharging) {
            chain.add(Link.of(
                            Requirement.UNLOADED_VOLTS,
                            Observable.volts(Condition.RAISED, a.output(), a.ground()),
                            taken.posts(Condition.RAISED))
                    .delivered());
        }
        chain.add(Link.of(Requirement.CHARGEABLE_BATTERY, taken.posts(Condition.REST)));
        chain.add(Link.of(Requirement.WAY_TO_BATTERY, wayThere(a)));
        chain.add(Link.of(Requirement.WAY_BACK, wayBack(a)));
        ownWire(a, a.sense().plus(), circuit.plusPost())
                .map(point -> sensed(Requirement.SENSED, point, circuit.plusPost()))
                .ifPresent(chain::add);
        ownWire(a, a.sense().minus(), circuit.minusPost())
                .map(point -> sensed(Requirement.SENSED_GROUND, point, circuit.minusPost()))
                .ifPresent(chain::add);
        return List.copyOf(chain);
    }

    /**
     * Under all loads; with them off only of a machine that charges then, or of one that nobody commands: a smart one may rest
     * (docs/everyday.md, regulated voltage).
     */
    private List<Observable> own(Alternator a) {
        Observable loaded = Observable.volts(Condition.RAISED_LOADED, a.output(), a.ground());
        Observable unloaded = Observable.volts(Condition.RAISED, a.output(), a.ground());
        boolean commanded =
                circuit.regulator().filter(Regulator.SEPARATE::equals).isEmpty();
        boolean rests = commanded && !taken.reads(unloaded, Marks.CHARGES_VOLTS * circuit.blocks());
        return rests ? List.of(loaded) : List.of(loaded, unloaded);
    }

    private List<Observable> wayThere(Alternator a) {
        List<Observable> any = new ArrayList<>(List.of(
                Observable.volts(Condition.KEY_ON, a.output(), circuit.minusPost()),
                Observable.volts(Condition.KEY_ON, a.output(), a.ground())));
        WAY_THERE.forEach(condition -> any.add(Observable.volts(condition, a.output(), circuit.plusPost())));
        return any;
    }

    /** Read by itself, or as what the posts, the output and its way there leave over at one moment. */
    private List<Observable> wayBack(Alternator a) {
        List<Observable> any = new ArrayList<>(List.of(Observable.volts(Condition.KEY_ON, a.output(), a.ground())));
        for (Condition condition : CHARGING) {
            any.add(Observable.volts(condition, circuit.minusPost(), a.ground()));
            any.add(Observable.volts(condition, circuit.plusPost(), a.ground()));
            if (taken.has(Observable.volts(condition, a.output(), a.ground()))
                    && taken.has(Observable.volts(condition, a.output(), circuit.plusPost()))) {
                any.add(taken.posts(condition));
            }
        }
        return any;
    }

    /** A sensed point that is neither at the alternator nor at the battery. */
    private static Optional<PointId> ownWire(Alternator a, PointId sensed, PointId post) {
        return Optional.of(sensed)
                .filter(p -> !Set.of(a.output(), a.ground(), post).contains(p));
    }

    private static Link sensed(Requirement what, PointId point, PointId post) {
        return Link.of(
                what,
                Observable.volts(Condition.RAISED_LOADED, point, post),
                Observable.volts(Condition.RAISED, point, post),
                Observable.volts(Condition.KEY_ON, point, post));
    }
}

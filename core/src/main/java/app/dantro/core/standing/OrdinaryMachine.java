package app.dantro.core.standing;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.inference.Evidence;
import app.dantro.core.inference.Observable;
import app.dantro.core.inference.Observation;
import app.dantro.core.inference.Strategy;
import app.dantro.core.limits.StateOfCharge;
import app.dantro.core.reading.Newest;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What healthy machines hold at the posts: with the loads off whatever their strategy commands, with all of them on at speed
 * less; at idle none has to give what it can (docs/everyday.md, regulated voltage, loads off to all loads).
 */
final class OrdinaryMachine {
    private static final Set<Condition> FORCED = EnumSet.of(Condition.RAISED_LOADED, Condition.FULL_OUTPUT);
    private static final Set<Condition> FREE = EnumSet.of(Condition.RAISED, Condition.HIGH_SPEED);

    private final Circuit circuit;
    private final List<Observation> running;
    private final Optional<Strategy> strategy;
    private final double baseVolts;
    private final double celsius;
    private final boolean lithium;

    /** Volts that were read at the posts, or between the machine's own studs, in V a block. */
    OrdinaryMachine(Evidence evidence, Circuit circuit, double celsius) {
        this.celsius = celsius;
        this.lithium = evidence.entered().lithium();
        this.circuit = circuit;
        this.strategy = evidence.entered().strategy();
        this.running = evidence.observations().stream()
                .filter(o -> o.what().condition().running() && isSource(o))
                .toList();
        this.baseVolts = evidence.observations().stream()
                .filter(o -> o.what().same(Observable.volts(Condition.REST, circuit.plusPost(), circuit.minusPost())))
                .map(this::volts)
                .reduce(Newest::of)
                .orElse(StateOfCharge.RESTS_AT_VOLTS);
    }

    private boolean isSource(Observation o) {
        Condition condition = o.what().condition();
        Optional<Alternator> own =
                circuit.alternator().filter(a -> o.what().same(Observable.volts(condition, a.output(), a.ground())));
        return own.isPresent() || o.what().same(Observable.volts(condition, circuit.plusPost(), circuit.minusPost()));
    }

    /** True if it was read charging, and that is what healthy ones show. */
    boolean charges() {
        return running.stream().anyMatch(o -> volts(o) >= baseVolts + Marks.FORCED_ABOVE_BASE_VOLTS) && rests();
    }

    /** True if none of them is beyond what healthy ones show. */
    boolean rests() {
        return running.stream().noneMatch(o -> volts(o) > mostVolts()) && !low();
    }

    private double volts(Observation o) {
        return Math.abs(o.value()) / circuit.blocks();
    }

    private double mostVolts() {
        double classic = Marks.CLASSIC_MOST_VOLTS
                + Marks.CLASSIC_VOLTS_PER_KELVIN * Math.max(0, Marks.CLASSIC_CELSIUS - celsius);
        if (lithium) {
            return Marks.LITHIUM_MOST_VOLTS;
        }
        return strategy.filter(s -> s == Strategy.CLASSIC).isPresent()
                ? Math.min(classic, Marks.RESTING_MOST_VOLTS)
                : Marks.RESTING_MOST_VOLTS;
    }

    private boolean low() {
        boolean free = running.stream().anyMatch(o -> in(FREE, o) && volts(o) < Marks.CLASSIC_LEAST_VOLTS);
        boolean loaded = running.stream().anyMatch(o -> in(FORCED, o) && volts(o) < Marks.LOADED_LEAST_VOLTS);
        boolean unforced =
                running.stream().anyMatch(o -> in(FORCED, o) && volts(o) < baseVolts + Marks.FORCED_ABOVE_BASE_VOLTS);
        if (falls()) {
            return true;
        }
        if (strategy.isEmpty()) {
            return loaded || free && unforced;
        }
        return strategy.get() == Strategy.SMART ? unforced : free || loaded;
    }

    /** With all loads on at speed it stands further below what it holds without than any strategy lets it. */
    private boolean falls() {
        return running.stream()
                .filter(o -> in(FREE, o))
                .anyMatch(free -> running.stream()
                        .filter(o -> in(FORCED, o) && o.what().same(like(free, o)))
                        .anyMatch(o -> volts(free) - volts(o) > Marks.MOST_FALL_VOLTS));
    }

    /** What was read across the same points, in another reading's condition. */
    private static Observable like(Observation free, Observation loaded) {
        Observable.Volts v = (Observable.Volts) free.what();
        return Observable.volts(loaded.what().condition(), v.red(), v.black());
    }

    private static boolean in(Set<Condition> conditions, Observation o) {
        return conditions.contains(o.what().condition());
    }
}

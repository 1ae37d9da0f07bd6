package app.dantro.core.standing;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.inference.Observable;
import app.dantro.core.inference.Observation;
import app.dantro.core.limits.StateOfCharge;
import app.dantro.core.reading.Newest;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** Where a single reading is enough to suspect a machine (docs/everyday.md, here it must dare). */
record MachineDares(Circuit circuit, double celsius, boolean lithium, List<Observation> observations) {
    /** No regulator asks for more; from a cool day on none for more than the other (docs/everyday.md, regulated voltage). */
    private static final double OVERCHARGE_VOLTS = 16.1;

    private static final double OVERCHARGE_WARM_VOLTS = 15.75;
    private static final double OVERCHARGE_LITHIUM_VOLTS = 15.0;
    private static final double WARM_CELSIUS = 10;

    /** A meter's error between two readings of about twelve volts, in V a block. */
    private static final double UNDER_BASE_VOLTS = 0.04;

    private static final Set<Condition> FORCED = EnumSet.of(Condition.RAISED_LOADED, Condition.FULL_OUTPUT);

    /** True if a reading speaks against it whatever else fits. */
    boolean names(Alternator alternator, Observation o) {
        Condition condition = o.what().condition();
        boolean posts = o.what().same(Observable.volts(condition, circuit.plusPost(), circuit.minusPost()));
        boolean own = o.what().same(Observable.volts(condition, alternator.output(), alternator.ground()));
        return condition.running() && posts && Math.abs(o.value()) >= overcharge() * circuit.blocks()
                || FORCED.contains(condition) && own && underBase(o);
    }

    /** At speed with all loads on its own studs stand no higher than the battery rested: it gives less than is drawn. */
    private boolean underBase(Observation own) {
        return observations.stream()
                .filter(b -> b.what().same(Observable.volts(Condition.REST, circuit.plusPost(), circuit.minusPost())))
                .map(b -> Math.min(Math.abs(b.value()), StateOfCharge.RESTS_AT_VOLTS * circuit.blocks()))
                .reduce(Newest::of)
                .filter(base -> Math.abs(own.value()) < base - UNDER_BASE_VOLTS * circuit.blocks())
                .isPresent();
    }

    private double overcharge() {
        return overcharge(celsius, lithium);
    }

    /** More than any regulator asks for at a temperature, in V a block. */
    static double overcharge(double celsius, boolean lithium) {
        if (lithium) {
            return OVERCHARGE_LITHIUM_VOLTS;
        }
        return celsius >= WARM_CELSIUS ? OVERCHARGE_WARM_VOLTS : OVERCHARGE_VOLTS;
    }
}

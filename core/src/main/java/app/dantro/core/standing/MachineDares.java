package app.dantro.core.standing;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.inference.Observable;
import app.dantro.core.inference.Observation;
import app.dantro.core.limits.StateOfCharge;
import app.dantro.core.reading.Newest;
import app.dantro.core.record.Answer;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** Where a single reading is enough to suspect a machine (docs/everyday.md, here it must dare). */
record MachineDares(Circuit circuit, double celsius, boolean lithium, List<Observation> observations) {
    /** No regulator asks for more; from a cool day on none for more than the other (docs/everyday.md, regulated voltage). */
    private static final double OVERCHARGE_VOLTS = 16.1;

    private static final double OVERCHARGE_WARM_VOLTS = 15.75;
    private static final double OVERCHARGE_LITHIUM_VOLTS = 15.0;

    /** What calcium batteries are charged with at the most in the warm, and a meter's digits; only what is commanded goes beyond. */
    private static final double OVERCHARGE_COMPLAINED_VOLTS = 15.45;

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

    /** The same where its driver complains of it: what a smart system may command for minutes is no complaint. */
    static double overcharge(CaseRecord record) {
        Statements said = record.statements();
        double most = overcharge(record.celsius(), said.says(Topic.CHEMISTRY, Answer.LITHIUM));
        boolean complained = said.says(Topic.CHARGING_SYMPTOM, Answer.OVERCHARGES)
                && !said.says(Topic.STRATEGY, Answer.SMART)
                && record.celsius() >= WARM_CELSIUS;
        return complained ? Math.min(most, OVERCHARGE_COMPLAINED_VOLTS) : most;
    }

    /** More than any regulator asks for at a temperature, in V a block. */
    static double overcharge(double celsius, boolean lithium) {
        if (lithium) {
            return OVERCHARGE_LITHIUM_VOLTS;
        }
        return celsius >= WARM_CELSIUS ? OVERCHARGE_WARM_VOLTS : OVERCHARGE_VOLTS;
    }
}

package app.dantro.core.fact;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.quantity.Quantile;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.MeterError;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.Answer;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.Topic;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/** What a charging test proves by physics alone, whatever is likely (docs/everyday.md, facts). */
public final class ChargingFacts {
    private static final Set<Condition> LOADED = EnumSet.of(Condition.RAISED_LOADED, Condition.FULL_OUTPUT);
    private static final Set<Condition> RAISED =
            EnumSet.of(Condition.RAISED, Condition.RAISED_LOADED, Condition.FULL_OUTPUT, Condition.HIGH_SPEED);

    private final CaseRecord record;
    private final Circuit circuit;

    private ChargingFacts(CaseRecord record) {
        this.record = record;
        this.circuit = record.circuit();
    }

    /** That it discharges at speed, or stands below its base; empty if neither is shown. */
    public static Optional<Reason> discharging(CaseRecord record) {
        return new ChargingFacts(record).discharging();
    }

    /** That the posts are charged under load, and both sides lose what they may; empty if that was not shown. */
    public static Optional<Reason> good(CaseRecord record) {
        return record.circuit().alternator().flatMap(new ChargingFacts(record)::good);
    }

    /** Whether the posts hold under all loads; empty if nobody read them so. */
    public static Optional<Boolean> holds(CaseRecord record) {
        ChargingFacts facts = new ChargingFacts(record);
        return record.posts(Condition.RAISED_LOADED)
                .map(r -> facts.charged(r) && Math.abs(r.volts()) <= Marks.MOST_POSTS_VOLTS * facts.circuit.blocks());
    }

    /** True if the posts were read under all loads, and do not stand so high that nothing on the way can lose much. */
    public static boolean looksLow(CaseRecord record) {
        double clearly = Marks.CLEARLY_CHARGED_VOLTS * record.circuit().blocks();
        return holds(record).filter(holds -> !holds).isPresent()
                || record.posts(Condition.RAISED_LOADED)
                        .filter(r -> Math.abs(r.volts()) < clearly)
                        .isPresent()
                || OnTheWay.loses(record);
    }

    /** True if nothing is shown before the loads-off volts are read at speed: it is said to overcharge, or looks low under load. */
    public static boolean needsLoadsOff(CaseRecord record) {
        return record.statements().says(Topic.CHARGING_SYMPTOM, Answer.OVERCHARGES) || looksLow(record);
    }

    /** True if the posts stood low under all loads on a machine that may be commanded so. */
    public static boolean rests(CaseRecord record) {
        ChargingFacts facts = new ChargingFacts(record);
        return !record.statements().says(Topic.STRATEGY, Answer.CLASSIC)
                && record.posts(Condition.RAISED_LOADED)
                        .filter(r -> !facts.charged(r))
                        .isPresent();
    }

    private Optional<Reason> discharging() {
        Optional<Reading> running = record.counted()
                .across(circuit.plusPost(), circuit.minusPost())
                .where(r -> RAISED.contains(r.condition()))
                .newest();
        Optional<Reading> base = running.flatMap(r -> BaseOf.running(record, r)).filter(this::rested);
        if (base.isEmpty() || running.isEmpty() || !below(running.get(), base.get())) {
            return Optional.empty();
        }
        Reading now = running.get();
        boolean asked = LOADED.contains(now.condition()) || record.statements().says(Topic.STRATEGY, Answer.CLASSIC);
        return Optional.of(
                asked
                        ? FactReason.DISCHARGING.with(
                                shown(now), Quantity.named(now.condition().words()), shown(base.get()))
                        : FactReason.BELOW_BASE.with(shown(now), shown(base.get())));
    }

    /** The base that a running reading lies under; empty if it does not, or the base carried surface charge. */
    static Optional<Reading> underBase(CaseRecord record, Reading running) {
        ChargingFacts facts = new ChargingFacts(record);
        return BaseOf.running(record, running).filter(facts::rested).filter(base -> below(running, base));
    }

    /** Surface charge stands above any base. */
    private boolean rested(Reading base) {
        return Math.abs(base.volts()) <= Marks.NO_SURFACE_CHARGE_VOLTS * circuit.blocks();
    }

    private static boolean below(Reading running, Reading base) {
        double error = Quantile.COVERAGE
                * Math.hypot(MeterError.standardVoltsWithoutGain(running), MeterError.standardVoltsWithoutGain(base));
        return Math.abs(running.volts()) < Math.abs(base.volts()) - error;
    }

    private Optional<Reason> good(Alternator alternator) {
        Optional<Reading> posts = record.posts(Condition.RAISED_LOADED)
                .filter(this::charged)
                .filter(r -> r.volts() <= Marks.MOST_POSTS_VOLTS * circuit.blocks());
        BothChargingSides sides = new BothChargingSides(record, alternator);
        Optional<Double> lost = posts.flatMap(sides::lost);
        if (lost.isEmpty()) {
            return Optional.empty();
        }
        double both = lost.get();
        return both <= sides.mostVolts()
                ? Optional.of(FactReason.CHARGES_WELL.with(shown(posts.get()), Quantity.volts(both, Marks.DIGIT_VOLTS)))
                : Optional.empty();
    }

    /** High enough in itself and above whatever stood there before, or clearly above the base of a battery that was neither flat nor fresh from charging. */
    private boolean charged(Reading posts) {
        double volts = Math.abs(posts.volts());
        boolean forced = record.posts(Condition.REST)
                .filter(base -> rested(base) && Math.abs(base.volts()) >= Marks.FLAT_VOLTS * circuit.blocks())
                .filter(base -> volts >= Math.abs(base.volts()) + Marks.FORCED_VOLTS * circuit.blocks())
                .isPresent();
        boolean under = record.posts(Condition.REST)
                .filter(base -> volts < Math.abs(base.volts()) + Marks.OVER_ANY_BASE_VOLTS * circuit.blocks())
                .isPresent();
        return forced || !under && volts >= Marks.CHARGED_POSTS_VOLTS * circuit.blocks();
    }

    private static Quantity shown(Reading reading) {
        return Quantity.volts(Math.abs(reading.volts()), reading.resolutionVolts());
    }
}

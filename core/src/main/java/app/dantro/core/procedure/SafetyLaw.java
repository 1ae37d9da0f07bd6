package app.dantro.core.procedure;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.ending.Endings;
import app.dantro.core.limits.StateOfCharge;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Readings;
import app.dantro.core.record.Answer;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.Topic;
import app.dantro.core.starting.SinceCharged;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * What may be proposed at all (docs/job.md, cautions), the one place that says so: nothing runs or cranks while something is
 * lifted, nothing cranks under a pile, an engine that overcharges is not revved, and a battery that is flat or may be frozen
 * is not cranked for our sake.
 */
record SafetyLaw(CaseRecord record) {
    private static final Set<Topic> LIFTED = EnumSet.of(Topic.BATTERY_LIFTED, Topic.OUTPUT_LIFTED, Topic.FUSE_PULLED);
    private static final Set<Condition> AT_IDLE = EnumSet.of(Condition.IDLE, Condition.IDLE_LOADED);

    /** What no step may ask for now. */
    static Forbidden forbidden(CaseRecord record) {
        SafetyLaw law = new SafetyLaw(record);
        return new Forbidden(
                Stream.of(Condition.values()).filter(law::forbids).toList(),
                StarterRest.untilMillis(record.statements()));
    }

    /** True if no step may ask for a condition now. */
    boolean forbids(Condition condition) {
        return !toPutBack(condition).isEmpty()
                || tooHigh(condition)
                || condition != Condition.REST && frozen() != Frozen.NO
                || condition.starterCalled() && flat();
    }

    /** What has to be put back before a condition may be made. */
    List<Topic> toPutBack(Condition condition) {
        return record.statements().open().stream()
                .filter(topic -> condition.running() && topic == Topic.ENGINE_DISABLED
                        || condition.starterCalled() && topic == Topic.PILE_ON
                        || (condition.running() || condition.starterCalled()) && LIFTED.contains(topic))
                .toList();
    }

    /** True if a condition would run the engine although it was last seen above what any regulator may hold, or rev it on the way there. */
    boolean tooHigh(Condition condition) {
        return condition.running() && (highest().isPresent() || !AT_IDLE.contains(condition) && rising().isPresent());
    }

    /** The newest volts of the running source, if they are above what any regulator may hold. */
    Optional<Reading> highest() {
        return running()
                .newest()
                .filter(r -> Math.abs(r.volts()) >= most() * circuit().blocks());
    }

    /** The same if they come near it and rose since an earlier reading. */
    Optional<Reading> rising() {
        Readings source = running();
        double rise = Marks.ASSUMED_RISE_VOLTS * circuit().blocks();
        return source.newest()
                .filter(r ->
                        Math.abs(r.volts()) >= Marks.RISING_VOLTS * circuit().blocks())
                .filter(r ->
                        source.stream().anyMatch(earlier -> Math.abs(earlier.volts()) <= Math.abs(r.volts()) - rise));
    }

    private Readings running() {
        return record.counted()
                .where(r -> r.condition().running())
                .where(r -> r.isAcross(circuit().plusPost(), circuit().minusPost())
                        || circuit()
                                .alternator()
                                .filter(a -> r.isAcross(a.output(), a.ground()))
                                .isPresent());
    }

    private double most() {
        return lithium() ? Marks.LITHIUM_STOP_VOLTS : Marks.STOP_VOLTS;
    }

    /** Whether a battery is frozen. */
    enum Frozen {
        NO,
        /** Cold and flat enough, and nobody has looked. */
        PERHAPS,
        YES
    }

    /** A flat lead battery freezes; whoever looked has the last word. */
    Frozen frozen() {
        Optional<Answer> seen = record.statements().answer(Topic.BATTERY_FROZEN);
        if (seen.isPresent()) {
            return seen.get() == Answer.YES ? Frozen.YES : Frozen.NO;
        }
        boolean cold = record.celsius() <= Marks.FREEZING_CELSIUS && !lithium();
        return cold && base(Marks.FREEZING_VOLTS) ? Frozen.PERHAPS : Frozen.NO;
    }

    /** True if the battery was last read flat, and no charging has been in vain. */
    private boolean flat() {
        double least = lithium() ? StateOfCharge.LITHIUM.chargedVolts() : Marks.FLAT_VOLTS;
        return base(least) && !chargedInVain();
    }

    /** True if hours on a charger did not raise the base voltage enough: more hours will not. */
    boolean chargedInVain() {
        Readings bases = record.observed()
                .in(Condition.REST)
                .where(r -> r.pair().equals(circuit().posts()));
        return SinceCharged.inVain(bases, Endings.lowVolts(record));
    }

    private boolean base(double underVolts) {
        return record.posts(Condition.REST)
                .filter(r -> Math.abs(r.volts()) < underVolts * circuit().blocks())
                .isPresent();
    }

    private boolean lithium() {
        return record.statements().says(Topic.CHEMISTRY, Answer.LITHIUM);
    }

    private Circuit circuit() {
        return record.circuit();
    }
}

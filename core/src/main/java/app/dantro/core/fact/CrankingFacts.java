package app.dantro.core.fact;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartKind;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.Side;
import app.dantro.core.circuit.Stretch;
import app.dantro.core.limits.SideLimit;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.Newest;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.Answer;
import app.dantro.core.record.Topic;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** What readings of a starter that is called for prove by physics alone (docs/everyday.md, facts before probabilities). */
public final class CrankingFacts {
    private static final Set<Condition> KEY_HELD = EnumSet.of(Condition.START_ATTEMPT, Condition.CRANKING);

    private final Facts facts;
    private final int blocks;

    private CrankingFacts(Facts facts) {
        this.facts = facts;
        this.blocks = facts.loop().blocks();
    }

    /**
     * An open way, a side that loses more than any healthy one, what is left for the motor; the first two accuse.
     *
     * @param sideSaid true if it is said already which side loses
     */
    public static List<Reason> of(Facts facts, boolean sideSaid) {
        CrankingFacts of = new CrankingFacts(facts);
        List<Reason> all = new ArrayList<>();
        Optional<Reason> open = of.open();
        open.ifPresent(all::add);
        if (open.isEmpty()) {
            for (Side side : sideSaid ? new Side[0] : Side.values()) {
                of.loses(side).ifPresent(all::add);
            }
            of.leftForTheMotor().ifPresent(all::add);
        }
        return all;
    }

    /** Nearly all that the battery has stands across a way while the key is held and nothing turns. */
    private Optional<Reason> open() {
        Optional<Reading> base = facts.posts(Condition.REST).newest();
        if (base.isEmpty() || turns()) {
            return Optional.empty();
        }
        double whole = Marks.OPEN_SHARE * Math.abs(base.get().volts());
        return facts.verdicts().stream()
                .filter(v -> KEY_HELD.contains(v.reading().condition()))
                .filter(v -> Math.abs(v.volts()) >= whole && mustConduct(v.stretch()))
                .reduce(Newest::of)
                .map(v -> FactReason.OPEN_BETWEEN.with(
                        shown(v.reading()),
                        shown(base.get()),
                        name(v.reading().red()),
                        name(v.reading().black())));
    }

    private boolean turns() {
        return facts.record().statements().starts().orElse(true);
    }

    /** Contacts that nobody pulls in are open in health: a click says that they were. */
    private boolean mustConduct(Stretch stretch) {
        boolean clicks = facts.record().statements().says(Topic.SYMPTOM, Answer.CLICK);
        return stretch.isDrop() && (clicks || stretch.parts().stream().noneMatch(p -> p.kind() == PartKind.CONTACTS));
    }

    private Optional<Reason> loses(Side side) {
        return facts.whole(side)
                .filter(v -> v.reading().condition() == Condition.CRANKING)
                .filter(v -> turns() || mustConduct(v.stretch()))
                .filter(v -> Math.abs(v.volts()) > most(v, side, SideLimit.FAULTY, Marks.MOST_OF_A_SIDE_VOLTS))
                .map(v -> FactReason.SIDE_LOSES.with(
                        Quantity.named(side == Side.SUPPLY ? "Supply" : "Return"),
                        shown(v.reading()),
                        Quantity.volts(most(v, side, SideLimit.HEALTHY, Marks.SIDE_VOLTS), Marks.DIGIT_VOLTS)));
    }

    /** By resistance where the current was measured; else in V a block. */
    private double most(DropVerdict whole, Side side, SideLimit limit, double volts) {
        boolean contacts = whole.stretch().parts().stream().anyMatch(p -> p.kind() == PartKind.CONTACTS);
        return whole.reading()
                .flowingAmps()
                .map(amps -> amps * limit.ohms(facts.record().circuit(), side, contacts))
                .orElse(volts * blocks);
    }

    private Optional<Reason> leftForTheMotor() {
        return MotorVolts.left(facts)
                .filter(left -> left.volts() > 0)
                .map(left -> FactReason.LEFT_FOR_THE_MOTOR.with(
                        Quantity.volts(left.volts(), Marks.DIGIT_VOLTS), shown(left.posts())));
    }

    private Quantity name(PointId point) {
        return Quantity.named(facts.loop().point(point).map(p -> p.name()).orElse(point.value()));
    }

    private static Quantity shown(Reading reading) {
        return Quantity.volts(Math.abs(reading.volts()), reading.resolutionVolts());
    }
}

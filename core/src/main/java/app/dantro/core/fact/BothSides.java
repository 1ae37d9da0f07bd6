package app.dantro.core.fact;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Side;
import app.dantro.core.limits.CrankingLimit;
import app.dantro.core.limits.SideLimit;
import app.dantro.core.quantity.Quantile;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.MeterError;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.Answer;
import app.dantro.core.record.CaseRecord;
import java.util.Optional;

/**
 * A starting side that was shown to be good: enough at the posts while it turned, and on neither side more lost than healthy
 * vehicles lose.
 */
public record BothSides(Reading posts, DropVerdict supply, DropVerdict back) {
    /** What was shown, if it was. */
    public static Optional<BothSides> good(Facts facts) {
        int blocks = facts.loop().blocks();
        Optional<Reading> posts = facts.posts(Condition.CRANKING)
                .newest()
                .filter(r -> Math.abs(r.volts()) + Quantile.COVERAGE * MeterError.standardVolts(r)
                        >= CrankingLimit.voltsAt(facts.record().celsius(), blocks))
                .filter(r -> !stood(facts) && turned(facts, r, blocks));
        Optional<DropVerdict> supply = facts.whole(Side.SUPPLY).filter(v -> ordinary(facts, v, Side.SUPPLY));
        Optional<DropVerdict> back = facts.whole(Side.RETURN).filter(v -> ordinary(facts, v, Side.RETURN));
        return posts.isPresent() && supply.isPresent() && back.isPresent()
                ? Optional.of(new BothSides(posts.get(), supply.get(), back.get()))
                : Optional.empty();
    }

    /** Nothing turned: so the customer said, or whoever held the key since. */
    private static boolean stood(Facts facts) {
        CaseRecord record = facts.record();
        boolean complained = record.lastRepair().isEmpty()
                && record.statements().starts().filter(turns -> !turns).isPresent();
        return record.repaired()
                .turned()
                .map(heard -> heard.value().equals(Answer.NOT_AT_ALL.name()))
                .orElse(complained);
    }

    /** A starter that turns pulls the posts below the base; one that is not reached leaves them there. */
    private static boolean turned(Facts facts, Reading cranking, int blocks) {
        return facts.posts(Condition.REST)
                .newest()
                .map(base -> Math.abs(base.volts()) - Math.abs(cranking.volts()) >= Marks.TURNING_VOLTS * blocks)
                .orElse(cranking.amps().isPresent());
    }

    /** As much as healthy vehicles lose; where the current is not known, as much as they lose at an ordinary one. */
    private static boolean ordinary(Facts facts, DropVerdict whole, Side side) {
        double most = whole.reading()
                .flowingAmps()
                .map(amps -> amps * SideLimit.HEALTHY.ohms(facts.record().circuit(), side, side == Side.SUPPLY))
                .orElse(Marks.SIDE_VOLTS * facts.loop().blocks());
        return switch (whole.answer()) {
            case CERTIFIED, NOT_THE_CAUSE, NOT_PROVEN -> true;
            case FAILS -> Math.abs(whole.volts()) <= most;
            case IMPLAUSIBLE -> false;
        };
    }

    /** What was left for the motor, in V. */
    public double motorVolts() {
        return Math.abs(posts.volts()) - Math.abs(supply.volts()) - Math.abs(back.volts());
    }

    /** What the posts held. */
    public Reason held() {
        return FactReason.HELD.with(Quantity.volts(Math.abs(posts.volts()), posts.resolutionVolts()));
    }

    /** What both sides lost together, and at which current if that was measured. */
    public Reason lost() {
        Quantity both = Quantity.volts(Math.abs(supply.volts()) + Math.abs(back.volts()), Marks.DIGIT_VOLTS);
        boolean certified =
                supply.answer() == DropAnswer.CERTIFIED && back.answer() == DropAnswer.CERTIFIED && currentKnown();
        double least = Math.min(supply.healthy().amps(), back.healthy().amps());
        return certified
                ? FactReason.BOTH_CERTIFIED.with(Quantity.amps(least), both)
                : FactReason.BOTH_TURNED.with(both);
    }

    /** True if the current of either side was measured. */
    public boolean currentKnown() {
        return supply.ohms().isPresent()
                || back.ohms().isPresent()
                || posts.amps().isPresent();
    }
}

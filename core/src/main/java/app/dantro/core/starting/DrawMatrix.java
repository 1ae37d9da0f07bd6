package app.dantro.core.starting;

import app.dantro.core.circuit.ClassCurrent;
import app.dantro.core.circuit.Condition;
import app.dantro.core.finding.Findings;
import app.dantro.core.limits.CrankingLimit;
import app.dantro.core.reading.Amount;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.Topic;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Battery volts while cranking against the current that flowed, from one crank on a charged battery (docs/job.md, tests:
 * starter draw). Never without both numbers: a low draw clears no battery, and volts without a current prove nothing.
 *
 * @param held whether the volts stayed at or above the limit for the temperature
 * @param shown both numbers with what they are held against
 * @param squares all six, the one that is met marked
 */
public record DrawMatrix(boolean held, Draw draw, String shown, List<Square> squares) {

    /** The current against what the starter's class takes. */
    public enum Draw {
        LOW,
        NORMAL,
        HIGH
    }

    /**
     * What one pair of signs means.
     *
     * @param why the reason it means that
     * @param next what to do about it
     * @param met whether the case's readings stand here
     */
    public record Square(boolean held, Draw draw, String means, String why, String next, boolean met) {
        private Square met(boolean volts, Draw amps) {
            return new Square(held, draw, means, why, next, held == volts && draw == amps);
        }
    }

    /** A maker's figure holds within about this share. */
    private static final double MAKER_SPREAD = 0.15;

    private static final List<Square> ALL = List.of(
            square(
                    true,
                    Draw.LOW,
                    "Resistance in cables, contacts, grounds or brushes",
                    "The battery holds its volts and little flows: something takes volts on the way.",
                    "Whole return side, then whole supply side."),
            square(
                    true,
                    Draw.NORMAL,
                    "Fine",
                    "The battery holds, and the starter takes what its class takes.",
                    "If it still turns slowly: volts at the motor, then the speed."),
            square(
                    true,
                    Draw.HIGH,
                    "The starter drags or the engine is tight",
                    "While the motor turns, its current follows the torque it has to give.",
                    "Turn the engine by hand before the starter is suspected."),
            square(
                    false,
                    Draw.LOW,
                    "The battery cannot deliver",
                    "Its volts fall at a current that a good one carries with ease.",
                    "Rest minus cranking volts over current, against its class."),
            square(
                    false,
                    Draw.NORMAL,
                    "The battery is weak",
                    "An ordinary draw pulls it under the limit for this temperature.",
                    "Rest minus cranking volts over current, against its class."),
            square(
                    false,
                    Draw.HIGH,
                    "Battery first; if it is good, starter or engine",
                    "Any battery falls at such a current, so it is not condemned by this.",
                    "Judge the battery by its resistance, then turn the engine by hand."));

    public DrawMatrix {
        squares = List.copyOf(squares);
    }

    /** The matrix, once a charged battery was cranked and the current of that crank is known. */
    public static Optional<DrawMatrix> of(Findings findings) {
        int blocks = findings.loop().blocks();
        boolean charged = findings.posts(Condition.REST)
                .filter(r -> Math.abs(r.volts()) >= BatteryJudge.CHARGED_VOLTS * blocks)
                .isPresent();
        return findings.posts(Condition.CRANKING)
                .filter(r -> charged && r.amps().isPresent())
                .map(r -> placed(findings, r));
    }

    private static DrawMatrix placed(Findings findings, Reading cranked) {
        OptionalDouble maker = findings.evidence().statements().figure(Topic.MAKER_DRAW);
        ClassCurrent usual = maker.isPresent()
                ? new ClassCurrent(maker.getAsDouble(), MAKER_SPREAD)
                : findings.loop().crankingAmps();
        double amps = cranked.amps().orElseThrow();
        double volts = Math.abs(cranked.volts());
        double limit = CrankingLimit.voltsAt(
                findings.evidence().celsius(), findings.loop().blocks());
        boolean held = volts >= limit;
        Draw draw = amps < usual.lowAmps() ? Draw.LOW : amps > usual.highAmps() ? Draw.HIGH : Draw.NORMAL;
        return new DrawMatrix(
                held,
                draw,
                "%s while cranking (at least %s at this temperature), %s drawn (%s %s to %s).%s"
                        .formatted(
                                Amount.volts(volts, cranked.resolutionVolts()),
                                Amount.volts(limit),
                                Amount.amps(amps),
                                maker.isPresent() ? "the maker says" : "its class takes, estimated,",
                                Amount.amps(usual.lowAmps()),
                                Amount.amps(usual.highAmps()),
                                trusted(findings, cranked)),
                ALL.stream().map(s -> s.met(held, draw)).toList());
    }

    /** How far the current can be trusted. */
    private static String trusted(Findings findings, Reading cranked) {
        if (cranked.current() instanceof Current.Measured m && m.how() == Current.How.CABLE_AS_SHUNT) {
            return " The current is from a cable's drop: ± %d %%."
                    .formatted(Math.round(200 * m.how().standardShare()));
        }
        return findings.evidence().statements().about(Topic.CLAMP_CHECKED).isPresent()
                ? ""
                : " Nobody said yet that the clamp was zeroed and its output factor is right.";
    }

    private static Square square(boolean held, Draw draw, String means, String why, String next) {
        return new Square(held, draw, means, why, next, false);
    }
}

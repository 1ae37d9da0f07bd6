package app.dantro.core.starting;

import app.dantro.core.circuit.ClassCurrent;
import app.dantro.core.circuit.Condition;
import app.dantro.core.finding.Findings;
import app.dantro.core.limits.CrankingLimit;
import app.dantro.core.limits.Margin;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.Topic;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;

/**
 * Battery volts while cranking against the current that flowed, from one crank on a charged battery (docs/job.md, test 5).
 * Never without both numbers: a low draw clears no battery, and volts without a current prove nothing.
 *
 * @param held whether the volts stayed at or above the limit for the temperature
 * @param shown both numbers with what they are held against
 */
public record DrawMatrix(boolean held, Draw draw, List<Reason> shown) {
    /** A share's two standard deviations, in per cent. */
    private static final double TWO_SIGMAS_PERCENT = 200;

    public DrawMatrix {
        shown = List.copyOf(shown);
    }

    /** The current against what the starter's class takes. */
    public enum Draw {
        LOW,
        NORMAL,
        HIGH
    }

    /** What a pair of signs means, why, and what to do about it. */
    public enum Square {
        RESISTANCE(true, Draw.LOW),
        FINE(true, Draw.NORMAL),
        DRAGS(true, Draw.HIGH),
        CANNOT_DELIVER(false, Draw.LOW),
        WEAK(false, Draw.NORMAL),
        BATTERY_FIRST(false, Draw.HIGH);

        private final boolean held;
        private final Draw draw;

        Square(boolean held, Draw draw) {
            this.held = held;
            this.draw = draw;
        }

        public boolean held() {
            return held;
        }

        public Draw draw() {
            return draw;
        }

        public String means() {
            return DrawWords.means(this);
        }

        public String why() {
            return DrawWords.why(this);
        }

        public String next() {
            return DrawWords.next(this);
        }
    }

    /** Where the case's readings stand. */
    public Square met() {
        return Stream.of(Square.values())
                .filter(s -> s.held == held && s.draw == draw)
                .findFirst()
                .orElseThrow();
    }

    /** The matrix, once a charged battery was cranked and the current of that crank is known. */
    public static Optional<DrawMatrix> of(Findings findings) {
        int blocks = findings.loop().blocks();
        boolean charged = findings.posts(Condition.REST)
                .filter(r -> Math.abs(r.volts()) >= BatteryRules.CHARGED_VOLTS * blocks)
                .isPresent();
        return findings.posts(Condition.CRANKING)
                .filter(r -> charged && r.amps().isPresent())
                .map(r -> placed(findings, r));
    }

    private static DrawMatrix placed(Findings findings, Reading cranked) {
        OptionalDouble maker = findings.evidence().statements().figure(Topic.MAKER_DRAW);
        ClassCurrent usual = maker.isPresent()
                ? new ClassCurrent(maker.getAsDouble(), Margin.MAKERS_SHARE)
                : findings.loop().crankingAmps();
        double amps = cranked.amps().orElseThrow();
        double volts = Math.abs(cranked.volts());
        double limit = CrankingLimit.voltsAt(
                findings.evidence().celsius(), findings.loop().blocks());
        Draw draw = amps < usual.lowAmps() ? Draw.LOW : amps > usual.highAmps() ? Draw.HIGH : Draw.NORMAL;
        List<Reason> shown = new ArrayList<>();
        shown.add((maker.isPresent() ? DrawReason.DRAWN_OF_MAKERS : DrawReason.DRAWN_OF_CLASS)
                .with(
                        Quantity.volts(volts, cranked.resolutionVolts()),
                        Quantity.volts(limit),
                        Quantity.amps(amps),
                        Quantity.amps(usual.lowAmps()),
                        Quantity.amps(usual.highAmps())));
        trusted(findings, cranked).ifPresent(shown::add);
        return new DrawMatrix(volts >= limit, draw, shown);
    }

    /** How far the current can be trusted. */
    private static Optional<Reason> trusted(Findings findings, Reading cranked) {
        if (cranked.current() instanceof Current.Measured m && m.how() == Current.How.CABLE_AS_SHUNT) {
            long percent = Math.round(TWO_SIGMAS_PERCENT * m.how().standardShare());
            return Optional.of(DrawReason.BY_CABLE.with(Quantity.count(percent)));
        }
        return findings.evidence().statements().about(Topic.CLAMP_CHECKED).isPresent()
                ? Optional.empty()
                : Optional.of(DrawReason.CLAMP_UNCHECKED.with());
    }
}

package app.dantro.acceptance.bench.everyday;

import app.dantro.core.reading.Reading;
import app.dantro.core.reading.TypedVolts;
import java.math.BigDecimal;
import java.util.Optional;

/** A reading as it looks once somebody slipped. */
final class Mistyped {
    private static final double LEAST_VOLTS = 0.004;

    private Mistyped() {}

    static Optional<String> text(SlipTrial.Way way, Reading right, boolean writesSigns) {
        if (Math.abs(right.volts()) < LEAST_VOLTS) {
            return Optional.empty();
        }
        BigDecimal value = new BigDecimal(right.typed().text());
        BigDecimal slipped = switch (way) {
            case TEN_TIMES -> value.movePointRight(1);
            case A_TENTH -> value.movePointLeft(1);
            case A_THOUSANDTH -> value.movePointLeft(3);
            case MILLIVOLTS_AS_VOLTS -> value.movePointRight(3);
            case SIGN -> writesSigns ? value.negate() : null;
        };
        boolean possible = slipped != null && slipped.abs().doubleValue() < 200;
        return possible ? Optional.of(slipped.toPlainString()) : Optional.empty();
    }

    static Reading as(Reading right, String text) {
        return new Reading(
                right.id(),
                right.red(),
                right.black(),
                right.condition(),
                TypedVolts.parse(text),
                right.statistic(),
                right.current(),
                right.range(),
                right.called(),
                right.takenAtMillis());
    }
}

package app.dantro.core.standing;

import app.dantro.core.circuit.Condition;
import app.dantro.core.inference.Display;
import app.dantro.core.inference.Forecast;
import app.dantro.core.inference.Observable;
import app.dantro.core.inference.Observation;
import app.dantro.core.quantity.Amount;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.DecimalMove;
import java.util.List;
import java.util.Optional;

/**
 * The usual slip that would make a doubted reading fit: a decimal, swapped leads, no contact, another condition.
 *
 * @param forecast what the other readings leave
 */
record UsualSlip(Forecast forecast) {
    private static final List<Condition> MISTAKEN =
            List.of(Condition.REST, Condition.KEY_ON, Condition.ENGINE_OFF_LOAD, Condition.RAISED);

    Reason of(Observation o, Forecast.Expected expected) {
        return moved(o, expected).orElseGet(() -> otherwise(o, expected));
    }

    private static Optional<Reason> moved(Observation o, Forecast.Expected expected) {
        return DecimalMove.USUAL.stream()
                .filter(move -> fits(o.value() / move.factor(), expected))
                .findFirst()
                .map(move -> DoubtReason.FITS_MOVED.with(
                        about(o.what(), o.value() / move.factor()), Quantity.named(move.words())));
    }

    private Reason otherwise(Observation o, Forecast.Expected expected) {
        if (o.what() instanceof Observable.Speed) {
            return DoubtReason.SPEED_MEANT.with();
        }
        if (!(o.what() instanceof Observable.Volts volts)) {
            return DoubtReason.CLAMP_ZEROED.with();
        }
        if (fits(-o.value(), expected)) {
            return DoubtReason.FITS_TURNED.with();
        }
        if (Math.abs(o.value()) < Marks.ASSUMED_NO_CONTACT_VOLTS) {
            return DoubtReason.NO_CONTACT.with();
        }
        return MISTAKEN.stream()
                .filter(other -> other != volts.condition())
                .filter(other -> fits(
                        o.value(),
                        forecast.expected(Observable.volts(other, volts.red(), volts.black()), o.resolution())))
                .findFirst()
                .map(other -> DoubtReason.FITS_CONDITION.with(Quantity.named(other.words())))
                .orElseGet(DoubtReason.NO_USUAL_SLIP::with);
    }

    private static boolean fits(double value, Forecast.Expected expected) {
        return Math.abs(value - expected.mean()) < Marks.FITS_SIGMAS * Math.sqrt(expected.variance())
                && Math.abs(expected.mean()) > Marks.ASSUMED_LEAST_EXPECTED;
    }

    /** A value as a meter would show it. */
    static Quantity about(Observable what, double value) {
        if (what.isVolts()) {
            return Quantity.volts(value, Display.resolution(what, value));
        }
        return Quantity.named(what instanceof Observable.Speed ? Math.round(value) + " 1/min" : Amount.amps(value));
    }
}

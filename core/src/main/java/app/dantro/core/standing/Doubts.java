package app.dantro.core.standing;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PointId;
import app.dantro.core.finding.Doubt;
import app.dantro.core.inference.Display;
import app.dantro.core.inference.Explanation;
import app.dantro.core.inference.Forecast;
import app.dantro.core.inference.Observable;
import app.dantro.core.inference.Observation;
import app.dantro.core.inference.Posterior;
import app.dantro.core.quantity.Amount;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.DecimalMove;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Names the readings that no likely fault explains, with the slip that would. */
final class Doubts {
    private static final List<Condition> MISTAKEN =
            List.of(Condition.REST, Condition.KEY_ON, Condition.ENGINE_OFF_LOAD, Condition.RAISED);

    private final Posterior posterior;
    private final Circuit circuit;

    private Doubts(Posterior posterior) {
        this.posterior = posterior;
        this.circuit = posterior.prepared().circuit();
    }

    static List<Doubt> of(Posterior posterior) {
        return new Doubts(posterior).all();
    }

    private List<Doubt> all() {
        List<Doubt> doubts = new ArrayList<>();
        List<Observation> observations = posterior.evidence().observations();
        for (int i = 0; i < observations.size(); i++) {
            double probability = posterior.slip(i);
            if (probability >= Marks.DOUBTED && !underADigit(observations.get(i)) && !repeated(observations.get(i))) {
                doubts.add(doubt(i, observations.get(i), probability));
            }
        }
        return doubts;
    }

    /** A drop too small for the meter's last digit says that little is lost, and no more (docs/everyday.md, fact, inference, gate). */
    private static boolean underADigit(Observation o) {
        return o.what().isVolts() && Math.abs(o.value()) <= o.resolution();
    }

    /** What was read twice alike is what the meter shows. */
    private boolean repeated(Observation o) {
        return posterior.evidence().observations().stream()
                .filter(other ->
                        !other.reading().equals(o.reading()) && other.what().same(o.what()))
                .anyMatch(other -> Math.abs(Math.abs(other.value()) - Math.abs(o.value()))
                        <= Marks.ALIKE_SHARE * Math.abs(o.value()) + o.resolution());
    }

    /** The reading that parts the others most, if one does. */
    static Optional<Reason> parting(Posterior posterior) {
        List<Observation> observations = posterior.evidence().observations();
        return java.util.stream.IntStream.range(0, observations.size())
                .boxed()
                .filter(i -> posterior.slip(i) > 0)
                .max(java.util.Comparator.comparingDouble(posterior::slip))
                .map(observations::get)
                .map(o -> StandingReason.PARTS_THEM.with(new Doubts(posterior).named(o.what()), shown(o)));
    }

    private Doubt doubt(int i, Observation o, double probability) {
        Explanation without = posterior.explanations().stream()
                .filter(e -> e.slipped(i))
                .findFirst()
                .orElseThrow();
        Forecast forecast = posterior.forecast(without);
        Forecast.Expected expected = forecast.expected(o.what(), o.resolution());
        double sigmas = (o.value() - expected.mean()) / Math.sqrt(expected.variance());
        return new Doubt(
                o.reading(),
                probability,
                sigmas,
                List.of(
                        DoubtReason.READS_BUT_LEAVE.with(named(o.what()), shown(o), about(o.what(), expected.mean())),
                        moved(o, expected).orElseGet(() -> otherwise(o, expected, forecast)),
                        DoubtReason.READ_AGAIN.with()));
    }

    private Optional<Reason> moved(Observation o, Forecast.Expected expected) {
        return DecimalMove.USUAL.stream()
                .filter(move -> fits(o.value() / move.factor(), expected))
                .findFirst()
                .map(move -> DoubtReason.FITS_MOVED.with(
                        about(o.what(), o.value() / move.factor()), Quantity.named(move.words())));
    }

    private Reason otherwise(Observation o, Forecast.Expected expected, Forecast forecast) {
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

    private Quantity named(Observable what) {
        String name = what instanceof Observable.Volts volts
                ? Reason.capital("%s to %s".formatted(name(volts.red()), name(volts.black())))
                : what instanceof Observable.Speed ? "The speed" : "The clamp";
        return Quantity.named(name + ", " + what.condition().words() + ",");
    }

    private String name(PointId point) {
        return circuit.point(point).orElseThrow().name();
    }

    private static Quantity shown(Observation o) {
        return o.what().isVolts() ? Quantity.volts(o.value(), o.resolution()) : about(o.what(), o.value());
    }

    private static Quantity about(Observable what, double value) {
        if (what.isVolts()) {
            return Quantity.volts(value, Display.resolution(what, value));
        }
        return Quantity.named(what instanceof Observable.Speed ? Math.round(value) + " 1/min" : Amount.amps(value));
    }
}

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
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Names the readings that no likely fault explains, with the slip that would. */
final class Doubts {
    private static final double FITS_SIGMAS = 3;
    private static final double NO_CONTACT_VOLTS = 0.005;
    private static final Map<Double, String> MOVES = Map.of(
            10.0, "one decimal place too large",
            0.1, "one decimal place too small",
            1000.0, "millivolts typed as volts",
            1e-3, "volts typed as millivolts");

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
            if (probability >= Marks.DOUBTED) {
                doubts.add(doubt(i, observations.get(i), probability));
            }
        }
        return doubts;
    }

    private Doubt doubt(int i, Observation o, double probability) {
        Explanation without = posterior.explanations().stream()
                .filter(e -> e.slipped(i))
                .findFirst()
                .orElseThrow();
        Forecast forecast = posterior.forecast(without);
        Forecast.Expected expected = forecast.expected(o.what(), o.resolution());
        double sigmas = (o.value() - expected.mean()) / Math.sqrt(expected.variance());
        String sentence = "%s reads %s, but the other readings leave %s. %s Read it again."
                .formatted(named(o.what()), shown(o), about(o.what(), expected.mean()), slip(o, expected, forecast));
        return new Doubt(o.reading(), probability, sigmas, sentence);
    }

    private String slip(Observation o, Forecast.Expected expected, Forecast forecast) {
        for (Map.Entry<Double, String> move : MOVES.entrySet()) {
            if (fits(o.value() / move.getKey(), expected)) {
                return "It would fit as %s: %s?".formatted(about(o.what(), o.value() / move.getKey()), move.getValue());
            }
        }
        if (o.what() instanceof Observable.Speed) {
            return "Was the crankshaft's speed meant, and the engine cranked, not running?";
        }
        if (!o.what().isVolts()) {
            return "Was the clamp zeroed, around one cable, and its output factor right?";
        }
        if (fits(-o.value(), expected)) {
            return "It would fit with the other sign: were the leads swapped?";
        }
        if (Math.abs(o.value()) < NO_CONTACT_VOLTS) {
            return "A probe without contact shows next to nothing.";
        }
        for (Condition other : List.of(Condition.REST, Condition.KEY_ON, Condition.ENGINE_OFF_LOAD, Condition.RAISED)) {
            Observable.Volts volts = (Observable.Volts) o.what();
            Observable there = new Observable.Volts(other, volts.red(), volts.black());
            if (other != volts.condition() && fits(o.value(), forecast.expected(there, o.resolution()))) {
                return "It would fit the condition '%s': was it read in that one?".formatted(other.words());
            }
        }
        return "No usual slip explains it.";
    }

    private static boolean fits(double value, Forecast.Expected expected) {
        return Math.abs(value - expected.mean()) < FITS_SIGMAS * Math.sqrt(expected.variance())
                && Math.abs(expected.mean()) > 1e-4;
    }

    private String named(Observable what) {
        if (what instanceof Observable.Volts volts) {
            String name = "%s to %s".formatted(name(volts.red()), name(volts.black()));
            return Character.toUpperCase(name.charAt(0)) + name.substring(1) + ", "
                    + what.condition().words() + ",";
        }
        if (what instanceof Observable.Speed) {
            return "The speed, " + what.condition().words() + ",";
        }
        return "The clamp, " + what.condition().words() + ",";
    }

    private String name(PointId point) {
        return circuit.point(point).orElseThrow().name();
    }

    private static String shown(Observation o) {
        return o.what().isVolts() ? Amount.volts(o.value(), o.resolution()) : about(o.what(), o.value());
    }

    private static String about(Observable what, double value) {
        if (what.isVolts()) {
            return Amount.volts(value, Display.resolution(what, value));
        }
        return what instanceof Observable.Speed ? Math.round(value) + " 1/min" : Amount.amps(value);
    }
}

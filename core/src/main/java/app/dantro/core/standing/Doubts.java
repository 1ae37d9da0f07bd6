package app.dantro.core.standing;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.PointId;
import app.dantro.core.finding.Doubt;
import app.dantro.core.inference.Explanation;
import app.dantro.core.inference.Forecast;
import app.dantro.core.inference.Observable;
import app.dantro.core.inference.Observation;
import app.dantro.core.inference.Posterior;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** Names the readings that no likely fault explains, with the slip that would. */
final class Doubts {
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
            Observation o = observations.get(i);
            if (probability >= Marks.DOUBTED && !underADigit(o) && !answered(i)) {
                doubts.add(doubt(i, o, probability));
            }
        }
        return doubts;
    }

    /** A drop too small for the meter's last digit says that little is lost, and no more (docs/everyday.md, fact, inference, gate). */
    private static boolean underADigit(Observation o) {
        return o.what().isVolts() && Math.abs(o.value()) <= o.resolution();
    }

    /** It was read twice alike, which is what the meter shows; or again, and what it showed then is not doubted. */
    private boolean answered(int i) {
        List<Observation> all = posterior.evidence().observations();
        return IntStream.range(0, all.size())
                .filter(j -> j != i && all.get(j).what().same(all.get(i).what()))
                .anyMatch(j -> alike(all.get(j), all.get(i)) || j > i && posterior.slip(j) < Marks.DOUBTED);
    }

    private static boolean alike(Observation one, Observation other) {
        return Math.abs(Math.abs(one.value()) - Math.abs(other.value()))
                <= Marks.ALIKE_SHARE * Math.abs(other.value()) + other.resolution();
    }

    /** The reading that parts the others most, if one does. */
    static Optional<Reason> parting(Posterior posterior) {
        List<Observation> observations = posterior.evidence().observations();
        return IntStream.range(0, observations.size())
                .boxed()
                .filter(i -> posterior.slip(i) > 0)
                .max(Comparator.comparingDouble(posterior::slip))
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
                        DoubtReason.READS_BUT_LEAVE.with(
                                named(o.what()), shown(o), UsualSlip.about(o.what(), expected.mean())),
                        new UsualSlip(forecast).of(o, expected),
                        DoubtReason.READ_AGAIN.with()));
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
        return o.what().isVolts() ? Quantity.volts(o.value(), o.resolution()) : UsualSlip.about(o.what(), o.value());
    }
}

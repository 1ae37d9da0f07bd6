package app.dantro.core.standing;

import app.dantro.core.circuit.Part;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.finding.Standing;
import app.dantro.core.inference.Forecast;
import app.dantro.core.inference.Observable;
import app.dantro.core.inference.Observation;
import app.dantro.core.inference.Posterior;
import app.dantro.core.inference.Refutation;
import app.dantro.core.quantity.Quantity;
import java.util.List;
import java.util.Optional;

/**
 * Off the starting loop a part is cleared if the mildest fault would have shown in the readings, whatever else is wrong,
 * and the current was measured with the one that speaks loudest.
 */
final class CertifiedByAll {
    private final Judgement judgement;
    private final Posterior posterior;

    CertifiedByAll(Judgement judgement) {
        this.judgement = judgement;
        this.posterior = judgement.posterior();
    }

    Optional<PartFinding> finding(PartFinding part) {
        Part wiring = posterior.prepared().circuit().part(part.part()).orElseThrow();
        Forecast likeliest = posterior.forecasts(1).get(0);
        Refutation against = likeliest.refutation(wiring);
        if (part.suspicion().orElseThrow().probability() > Marks.REFUTED
                || against.nats() < Marks.REFUTING_NATS
                || against.observation().isEmpty()) {
            return Optional.empty();
        }
        List<Observation> all = posterior.evidence().observations();
        Observation loudest = all.get(against.observation().getAsInt());
        boolean measured = all.stream()
                .anyMatch(o -> o.reading().equals(loudest.reading()) && o.what() instanceof Observable.Amps);
        if (!measured) {
            return Optional.of(part.as(Standing.NOT_PROVEN, StandingReason.NOT_CAUSE_NOT_CERTIFIED.with())
                    .carriedBy(loudest.reading()));
        }
        Quantity amps = Quantity.amps(Math.abs(amps(wiring, loudest)));
        return Optional.of(part.as(Standing.CLEARED, StandingReason.FAULT_WOULD_SHOW.with(amps))
                .missing(List.of())
                .carriedBy(loudest.reading()));
    }

    /** Current in a part by the likeliest explanation, in the condition of an observation. */
    private double amps(Part part, Observation o) {
        Observable across = Observable.volts(o.what().condition(), part.from(), part.to());
        double volts = posterior
                .forecasts(1)
                .get(0)
                .expected(across, Marks.DIGIT_VOLTS)
                .mean();
        return volts / judgement.resistance(part).medianOhms();
    }
}

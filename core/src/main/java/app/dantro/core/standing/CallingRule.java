package app.dantro.core.standing;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Load;
import app.dantro.core.circuit.PartId;
import app.dantro.core.inference.Forecast;
import app.dantro.core.inference.Observable;
import app.dantro.core.inference.Observation;
import app.dantro.core.inference.Posterior;
import java.util.Optional;

/**
 * When a part may be called faulty: it is nearly certain, its chain of proof is closed, it lies clearly beyond what healthy
 * ones show, and no single reading carries the verdict alone (docs/decisions/0010, docs/decisions/0013); nor was what lies
 * across just it read like an ordinary one.
 */
final class CallingRule {
    private final Judgement judgement;
    private final Posterior posterior;
    private final Circuit circuit;
    private final OwnDrop ownDrop;

    CallingRule(Judgement judgement) {
        this.judgement = judgement;
        this.posterior = judgement.posterior();
        this.circuit = posterior.prepared().circuit();
        this.ownDrop = new OwnDrop(circuit, posterior.evidence().observations());
    }

    /** The part; none while the readings fit no vehicle at all. */
    Optional<PartId> called() {
        if (!posterior.fits()) {
            return Optional.empty();
        }
        return judgement.ranked().stream()
                .limit(Marks.LOOKED_AT)
                .filter(judgement::condemnable)
                .filter(this::nearlyCertain)
                .filter(p -> judgement.proof().missing(p).isEmpty())
                .filter(this::clearlyBeyondHealthy)
                .filter(p -> judgement.carrier(p).isEmpty())
                .filter(p -> !ownDrop.ordinary(p))
                .filter(p -> judgement.isWiring(p) || judgement.likelyWiring().isEmpty())
                .findFirst();
    }

    boolean nearlyCertain(PartId part) {
        boolean replaced =
                circuit.device(part).filter(d -> !(d instanceof Load)).isPresent();
        return posterior.toRepair(part) >= (replaced ? Marks.DEVICE_CALLED : Marks.CALLED);
    }

    /** Where a vehicle's other numbers lie further off than usual, its healthy joints do too: then it takes more. */
    private boolean clearlyBeyondHealthy(PartId part) {
        if (!judgement.isWiring(part)) {
            return farOff(part) && !deliversAll(part);
        }
        double times = judgement.timesHealthy(part);
        double strain = times < Marks.CLOSE ? Marks.LITTLE_STRAIN : Marks.USUAL_STRAIN;
        return times >= Marks.CLEARLY || times >= Marks.NEARLY && strain() <= strain;
    }

    private boolean farOff(PartId device) {
        boolean consumer = circuit.device(device).filter(Load.class::isInstance).isPresent();
        return consumer || off(device) >= Marks.FAR_OFF_SIGMAS;
    }

    /** By how many standard deviations of healthy ones a device lies off, by the likeliest explanation that calls it bad. */
    double off(PartId device) {
        return posterior.explanations().stream()
                .filter(e -> e.parts(posterior.prepared()).contains(device))
                .findFirst()
                .map(e -> posterior.forecast(e).off(device))
                .orElse(0.0);
    }

    private double strain() {
        return posterior.forecasts(1).stream()
                .mapToDouble(Forecast::strain)
                .findFirst()
                .orElse(0);
    }

    /** An alternator that makes what it is rated for while its volts lie below its setpoint does what it can. */
    private boolean deliversAll(PartId device) {
        return circuit.alternator()
                .filter(a -> a.id().equals(device))
                .filter(a -> posterior.evidence().observations().stream().anyMatch(o -> atItsLimit(a, o)))
                .isPresent();
    }

    private boolean atItsLimit(Alternator alternator, Observation o) {
        Condition condition = o.what().condition();
        boolean rated = o.what() instanceof Observable.Amps amps
                && amps.in().isEmpty()
                && condition.running()
                && o.value() >= Marks.NEARLY_ALL_AMPS * alternator.rating().ampsIn(condition);
        Observable own = Observable.volts(condition, alternator.output(), alternator.ground());
        return rated
                && posterior.evidence().observations().stream()
                        .anyMatch(v -> v.what().same(own)
                                && Math.abs(v.value()) < alternator.regulation().setpointVolts());
    }
}

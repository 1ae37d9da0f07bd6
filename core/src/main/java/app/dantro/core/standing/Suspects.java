package app.dantro.core.standing;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.inference.Complaint;
import app.dantro.core.inference.Observable;
import app.dantro.core.inference.Posterior;
import app.dantro.core.network.StartingLoop;
import java.util.Map;
import java.util.Optional;

/**
 * When a part is a suspect: likely enough, by readings that speak against it rather than for a healthy vehicle, and only once
 * what was read lies beyond what healthy vehicles show (docs/decisions/0018). Works out what it is asked and keeps it.
 */
final class Suspects {
    private final Posterior posterior;
    private final Dares dares;
    private Optional<Optional<Ordinary>> ordinary = Optional.empty();
    private Map<PartId, Double> before = Map.of();
    private double healthyBefore;
    private final boolean brokenWay;

    Suspects(Posterior posterior) {
        this.posterior = posterior;
        this.brokenWay = new BrokenWay(
                        posterior.prepared().circuit(), posterior.evidence().observations())
                .shown();
        this.dares = new Dares(posterior.prepared(), posterior.evidence());
    }

    /** True if the readings made a part of a probability a suspect. */
    boolean suspected(PartId part, double probability) {
        return !spared(part)
                && (!isBattery(part) || batteryTried())
                && probability >= Marks.SUSPECT
                && raised(part, probability) >= least(part)
                && !isOrdinary(part)
                && (posterior.fits() && beyondHealthy() && !turnsAsItShould(part) || dares.names(part));
    }

    /** Nobody complains of how it starts: then only what no healthy starter shows speaks against one. */
    private boolean turnsAsItShould(PartId part) {
        Complaint complaint = posterior.evidence().complaint();
        return isStarter(part) && (complaint == Complaint.CHARGING || complaint == Complaint.NONE);
    }

    /** Without its current a starter that draws much and ways that lose much look alike: then it takes far more. */
    private double least(PartId part) {
        boolean measured = posterior.evidence().observations().stream()
                .anyMatch(o -> o.what() instanceof Observable.Amps
                        && o.what().condition().starterCalled());
        return isStarter(part) && !measured ? Marks.RAISED_WITHOUT_CURRENT : Marks.RAISED;
    }

    private boolean isBattery(PartId part) {
        return posterior.prepared().circuit().batteries().stream().anyMatch(b -> b.id().equals(part));
    }

    /** A battery shows itself when it gives, or by a base that lacks a cell; what runs through it while charging accuses none. */
    private boolean batteryTried() {
        return posterior.evidence().observations().stream()
                .anyMatch(o -> o.what().condition().starterCalled()
                        || o.what().condition().pile()
                        || o.what().condition() == Condition.ENGINE_OFF_LOAD
                        || o.what().condition() == Condition.REST
                                && o.what().isVolts()
                                && Math.abs(o.value()) < Marks.LACKS_A_CELL_VOLTS
                                && Math.abs(o.value()) > Marks.ACROSS_A_BATTERY_VOLTS);
    }

    private boolean isStarter(PartId part) {
        return posterior
                .prepared()
                .circuit()
                .starter()
                .filter(s -> s.id().equals(part))
                .isPresent();
    }

    /** True unless it is a starter that was not read beyond what healthy ones show: no sum of small differences condemns one. */
    boolean condemnable(PartId part) {
        return !spared(part) && !isOrdinary(part) && (!isStarter(part) || dares.names(part));
    }

    /** True if all that was read of it is what healthy vehicles show, and none of it beyond a mark that speaks alone. */
    private boolean isOrdinary(PartId part) {
        return ordinary().filter(o -> o.spares(part)).isPresent() && !dares.names(part);
    }

    private Optional<Ordinary> ordinary() {
        if (ordinary.isEmpty()) {
            Circuit circuit = posterior.prepared().circuit();
            ordinary = Optional.of(circuit.starter()
                    .map(s -> new Ordinary(posterior.evidence(), posterior.prepared(), StartingLoop.of(circuit))));
        }
        return ordinary.get();
    }

    /** A machine is not judged while its way to the battery is as good as open. */
    private boolean spared(PartId part) {
        return brokenWay
                && posterior
                        .prepared()
                        .circuit()
                        .alternator()
                        .filter(a -> a.id().equals(part))
                        .isPresent();
    }

    /**
     * By how much the readings speak for a part's being bad rather than for a healthy vehicle, over what complaint and
     * statements alone say: nothing is suspected on which no reading bears, nor because others are cleared.
     */
    private double raised(PartId part, double probability) {
        before();
        return odds(probability, posterior.healthy()) / odds(before.getOrDefault(part, 0.0), healthyBefore);
    }

    /**
     * True if what was read speaks so much rather for some fault than for a healthy vehicle that of a hundred healthy ones
     * hardly one ever comes to it, however often it is looked.
     */
    private boolean beyondHealthy() {
        before();
        double now = odds(1 - posterior.healthy(), posterior.healthy());
        return now / odds(1 - healthyBefore, healthyBefore) >= Marks.BEYOND_HEALTHY;
    }

    private void before() {
        if (before.isEmpty()) {
            Posterior unread =
                    Posterior.of(posterior.prepared(), posterior.evidence().withoutReadings());
            before = unread.probabilities();
            healthyBefore = unread.healthy();
        }
    }

    private static double odds(double probability, double healthy) {
        return Math.max(Marks.LEAST_PROBABILITY, probability) / Math.max(Marks.LEAST_PROBABILITY, healthy);
    }
}

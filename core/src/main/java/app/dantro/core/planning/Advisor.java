package app.dantro.core.planning;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.PartId;
import app.dantro.core.inference.Evidence;
import app.dantro.core.inference.Observable;
import app.dantro.core.inference.Observation;
import app.dantro.core.inference.Posterior;
import app.dantro.core.inference.PreparedCircuit;
import app.dantro.core.standing.Judgement;
import app.dantro.core.standing.Link;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** From evidence to advice: call what is proven, prove what is nearly certain, else read what tells most. */
public final class Advisor {
    private final Judgement judgement;
    private final Workplace workplace;
    private final Circuit circuit;

    private Advisor(Judgement judgement, Workplace workplace) {
        this.judgement = judgement;
        this.workplace = workplace;
        this.circuit = judgement.posterior().prepared().circuit();
    }

    public static Advice advise(PreparedCircuit prepared, Evidence evidence, Workplace workplace) {
        return advise(Judgement.of(prepared, evidence), workplace);
    }

    public static Advice advise(Judgement judgement, Workplace workplace) {
        return new Advisor(judgement, workplace).advise();
    }

    /** The measurements that tell most for their effort, the best first, whatever is likely already. */
    public static List<Proposal> propose(Judgement judgement, Workplace workplace, int most) {
        return InformationPlanner.propose(judgement.posterior(), workplace, most);
    }

    private Advice advise() {
        Optional<PartId> called = judgement.called();
        if (called.isPresent()) {
            return new Advice(judgement, Advice.Kind.REPAIR, called, List.of());
        }
        Optional<PartId> flat = judgement.flat();
        if (flat.isPresent()) {
            return doubted().orElseGet(() -> new Advice(judgement, Advice.Kind.CHARGE, flat, List.of()));
        }
        if (judgement.healthy()) {
            return doubted().orElseGet(this::healthy);
        }
        List<PartId> together = new Unsplit(judgement, workplace).parts();
        if (!together.isEmpty()) {
            return new Advice(judgement, Advice.Kind.OPEN_UP, Optional.of(together.get(0)), List.of(), together);
        }
        return proving().orElseGet(this::searching);
    }

    private Optional<Advice> doubted() {
        return judgement
                .doubted()
                .map(r -> new Advice(judgement, Advice.Kind.REPEAT, Optional.empty(), List.of(again(r))));
    }

    private Advice healthy() {
        return new Advice(judgement, Advice.Kind.HEALTHY, Optional.empty(), List.of());
    }

    private Optional<Advice> proving() {
        return judgement
                .leading()
                .filter(part -> judgement.probability(part) >= Marks.PROVE_FROM)
                .flatMap(this::proving);
    }

    private Optional<Advice> proving(PartId part) {
        List<Proposal> missing = judgement.proof().missing(part).stream()
                .flatMap(link -> cheapest(link).stream())
                .toList();
        if (!missing.isEmpty()) {
            return Optional.of(new Advice(judgement, Advice.Kind.PROVE, Optional.of(part), missing));
        }
        if (!judgement.nearlyCertain(part) || !judgement.proof().missing(part).isEmpty()) {
            return Optional.empty();
        }
        return carrying(part);
    }

    /** The one reading that a suspicion hangs on is taken again. */
    private Optional<Advice> carrying(PartId part) {
        return judgement
                .carrier(part)
                .filter(this::worthRepeating)
                .map(this::again)
                .map(p -> new Advice(judgement, Advice.Kind.REPEAT, Optional.of(part), List.of(p)));
    }

    /** The reading of a link that costs least among those that show something at all. */
    private Optional<Proposal> cheapest(Link link) {
        Posterior posterior = judgement.posterior();
        var best = posterior.forecasts(1).get(0);
        return link.any().stream()
                .filter(this::allowed)
                .map(what -> {
                    double cost = Cost.of(circuit, what, workplace.last());
                    double volts = Math.abs(best.expected(what, 0.01).mean());
                    double shown = what.isVolts() ? volts / (volts + 0.02) : 1;
                    return new Proposal(what, 0, cost, (0.05 + shown) / cost);
                })
                .max(Comparator.comparingDouble(Proposal::worth));
    }

    private boolean allowed(Observable what) {
        return what instanceof Observable.Volts
                ? workplace.conditions().contains(what.condition()) && workplace.reaches(what)
                : workplace.ammeter();
    }

    /** Three readings of the same thing settle it; a fourth would not. */
    private boolean worthRepeating(UUID reading) {
        Observable what = observed(reading);
        long taken = judgement.posterior().evidence().observations().stream()
                .filter(o -> o.what().same(what))
                .count();
        return taken < Marks.MOST_REPEATS;
    }

    private Observable observed(UUID reading) {
        return judgement.posterior().evidence().observations().stream()
                .filter(o -> o.reading().equals(reading))
                .map(Observation::what)
                .findFirst()
                .orElseThrow();
    }

    private Proposal again(UUID reading) {
        Observable what = observed(reading);
        return new Proposal(what, 0, Cost.of(circuit, what, workplace.last()), 0);
    }

    /** The longer a search has gone on, the more its next reading has to tell. */
    private double impatience() {
        long read = judgement.posterior().evidence().observations().stream()
                .filter(o -> o.what().isVolts())
                .count();
        int patient = judgement.ranked().stream().anyMatch(judgement::suspected)
                ? Marks.PATIENT_READINGS
                : Marks.PATIENT_IF_QUIET;
        return Math.pow(2, Math.max(0, read - patient) / Marks.PATIENCE_READINGS);
    }

    private Advice searching() {
        List<Proposal> best = InformationPlanner.propose(judgement.posterior(), workplace, Marks.CHOICES);
        double healthy = judgement.healthyOrAtTheBound();
        double least = healthy < Marks.HEALTHY_ENOUGH
                ? Marks.LEAST_BITS_UNDECIDED
                : Marks.LEAST_BITS + Marks.BITS_IF_HEALTHY * healthy;
        double asked = least * impatience();
        boolean useful = best.stream().limit(Marks.STANDBY).anyMatch(p -> p.bits() > asked);
        if (useful) {
            return new Advice(judgement, Advice.Kind.SEARCH, Optional.empty(), best);
        }
        return doubted()
                .or(() -> judgement.leading().filter(judgement::suspected).flatMap(this::carrying))
                .orElseGet(() -> healthy >= Marks.HEALTHY_ENOUGH
                        ? healthy()
                        : new Advice(judgement, Advice.Kind.UNDECIDED, Optional.empty(), List.of()));
    }
}

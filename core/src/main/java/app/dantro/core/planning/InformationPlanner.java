package app.dantro.core.planning;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.ProbePoint;
import app.dantro.core.diagnosis.Proof;
import app.dantro.core.inference.Observable;
import app.dantro.core.inference.Observation;
import app.dantro.core.inference.Outlook;
import app.dantro.core.inference.Posterior;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * The measurement that tells most about the name of the fault for its effort, over every pair of points and every
 * condition at hand: a quick figure for all of them, an exact one for the best (docs/decisions/0010). A reading across
 * just one suspect is worth more than its information, since no part is called bad without one.
 */
public final class InformationPlanner {
    /** The quick figure may flatter one condition: the best of each are looked at. */
    private static final int EXACT_PER_CONDITION = 4;

    private static final double PROOF_BITS = 0.7;
    private static final double DOUBTED = 0.15;

    private final Posterior posterior;
    private final Workplace workplace;
    private final Outlook outlook;
    private final Circuit circuit;
    private final Map<PartId, Double> suspicion;
    private final List<Observable> settled;

    private InformationPlanner(Posterior posterior, Workplace workplace) {
        this.posterior = posterior;
        this.workplace = workplace;
        this.outlook = Outlook.of(posterior);
        this.circuit = posterior.prepared().circuit();
        this.suspicion = posterior.probabilities();
        this.settled = settled();
    }

    /** The best measurements, the best first; empty if nothing can be measured. */
    public static List<Proposal> propose(Posterior posterior, Workplace workplace, int most) {
        return new InformationPlanner(posterior, workplace).best(most);
    }

    private List<Proposal> best(int most) {
        Comparator<Proposal> byWorth =
                Comparator.comparingDouble(Proposal::worth).reversed();
        List<Proposal> rough = new ArrayList<>();
        for (Observable what : candidates()) {
            rough.add(proposal(what, outlook.roughBits(what)));
        }
        rough.sort(byWorth);
        List<Proposal> exact = new ArrayList<>();
        Map<Condition, Integer> looked = new EnumMap<>(Condition.class);
        for (Proposal p : rough) {
            if (looked.merge(p.what().condition(), 1, Integer::sum) <= EXACT_PER_CONDITION) {
                exact.add(proposal(p.what(), outlook.bits(p.what())));
            }
        }
        exact.sort(byWorth);
        return List.copyOf(exact.subList(0, Math.min(most, exact.size())));
    }

    private Proposal proposal(Observable what, double bits) {
        double cost = Cost.of(circuit, what, workplace.last());
        return new Proposal(what, bits, cost, (bits + PROOF_BITS * proof(what)) / cost);
    }

    /** Probability of the part that a reading lies just across, while the part's current flows. */
    private double proof(Observable what) {
        if (!(what instanceof Observable.Volts volts)
                || !volts.condition().loadsStarterCables() && !volts.condition().running()) {
            return 0;
        }
        double most = 0;
        for (Part part : circuit.parts()) {
            boolean across = part.from().equals(volts.red()) && part.to().equals(volts.black());
            if (across) {
                most = Math.max(most, suspicion.getOrDefault(part.id(), 0.0));
            }
        }
        return most;
    }

    private List<Observable> candidates() {
        List<Observable> all = new ArrayList<>();
        List<ProbePoint> points = circuit.points();
        for (Condition condition : new java.util.TreeSet<>(workplace.conditions())) {
            for (int i = 0; i < points.size(); i++) {
                for (int j = i + 1; j < points.size(); j++) {
                    Observable what = new Observable.Volts(
                            condition, points.get(i).id(), points.get(j).id());
                    if (!settled(what)) {
                        all.add(what);
                    }
                }
            }
        }
        Observable standing = new Observable.Amps(Condition.REST);
        if (workplace.ammeter() && !settled(standing)) {
            all.add(standing);
        }
        return all;
    }

    /** What was read and is not doubted says nothing new: the display would err the same way again. */
    private boolean settled(Observable what) {
        return settled.stream().anyMatch(taken -> Proof.same(taken, what));
    }

    private List<Observable> settled() {
        List<Observation> taken = posterior.evidence().observations();
        List<Observable> all = new ArrayList<>();
        for (int i = 0; i < taken.size(); i++) {
            if (posterior.slip(i) < DOUBTED) {
                all.add(taken.get(i).what());
            }
        }
        return all;
    }
}

package app.dantro.core.planning;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.ProbePoint;
import app.dantro.core.inference.Complaint;
import app.dantro.core.inference.Observable;
import app.dantro.core.inference.Observation;
import app.dantro.core.inference.Outlook;
import app.dantro.core.inference.Posterior;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;

/**
 * The measurement that tells most about the name of the fault for its effort, over every pair of points and every
 * condition at hand: a quick figure for all of them, an exact one for the best (docs/decisions/0010). A reading across
 * just one suspect is worth more than its information, since no part is called bad without one.
 */
final class InformationPlanner {
    private static final Comparator<Proposal> BY_WORTH =
            Comparator.comparingDouble(Proposal::worth).reversed();

    private final Posterior posterior;
    private final Workplace workplace;
    private final Outlook outlook;
    private final Circuit circuit;
    private final PointId[] points;
    /** Effort of bringing a lead to each point. */
    private final double[] moving;
    /** True for a point that no probe gets to. */
    private final boolean[] beyond;
    /** Probability of the part that lies just between two points; points × points. */
    private final double[] suspected;

    private final List<Observable> settled;
    private final Familiarity familiarity;
    private final double unfamiliar;
    private final BigWay bigWay;

    private InformationPlanner(Posterior posterior, Workplace workplace) {
        this.posterior = posterior;
        this.workplace = workplace;
        this.outlook = Outlook.of(posterior);
        this.circuit = posterior.prepared().circuit();
        this.points = circuit.points().stream().map(ProbePoint::id).toArray(PointId[]::new);
        this.moving = circuit.points().stream()
                .mapToDouble(p -> Cost.moving(p, workplace.last()))
                .toArray();
        this.beyond = new boolean[points.length];
        for (int i = 0; i < points.length; i++) {
            beyond[i] = workplace.outOfReach().contains(points[i]);
        }
        this.suspected = suspected(posterior.probabilities());
        this.settled = settled();
        this.unfamiliar = unfamiliar(posterior.evidence().complaint());
        boolean deadKey =
                posterior.evidence().starts().filter(starts -> !starts).isPresent();
        this.bigWay = BigWay.of(circuit, posterior.evidence().complaint(), workplace, deadKey);
        this.familiarity = new Familiarity(circuit, deadKey);
    }

    /** Where nobody complains, nobody expects anything of a pair. */
    private static double unfamiliar(Complaint complaint) {
        return switch (complaint) {
            case STARTING -> Marks.UNFAMILIAR_FOR_A_START;
            case CHARGING, UNKNOWN -> Marks.UNFAMILIAR;
            case NONE -> 0;
        };
    }

    /** The best measurements, the best first; empty if nothing can be measured. */
    public static List<Proposal> propose(Posterior posterior, Workplace workplace, int most) {
        return new InformationPlanner(posterior, workplace).best(most);
    }

    private List<Proposal> best(int most) {
        List<Proposal> exact = new ArrayList<>();
        for (Condition condition : new TreeSet<>(workplace.conditions())) {
            for (Proposal rough : promising(condition)) {
                double bits = outlook.bits(rough.what());
                double cost = rough.cost();
                exact.add(new Proposal(rough.what(), bits, cost, worth(bits, proof(rough.what()), cost)));
            }
        }
        exact.sort(BY_WORTH);
        return List.copyOf(exact.subList(0, Math.min(most, exact.size())));
    }

    private static double worth(double bits, double proof, double cost) {
        return (bits + Marks.PROOF_BITS * proof) / cost;
    }

    /** The few measurements of a condition that the quick figure likes best. */
    private List<Proposal> promising(Condition condition) {
        Outlook.Quick quick = outlook.quick(condition);
        double making = Cost.reading(condition, workplace.last());
        List<Proposal> best = new ArrayList<>(Marks.EXACT_PER_CONDITION + 1);
        for (int i = 0; i < points.length; i++) {
            for (int j = i + 1; j < points.length; j++) {
                if (beyond[i] || beyond[j]) {
                    continue;
                }
                double bits = quick.bits(i, j);
                double cost = making
                        + moving[i]
                        + moving[j]
                        + (familiarity.familiar(i, j) ? 0 : unfamiliar)
                        + bigWay.idle(i, j, condition);
                double worth = worth(bits, proves(condition) ? suspected[i * points.length + j] : 0, cost);
                if (best.size() == Marks.EXACT_PER_CONDITION
                        && worth <= best.get(Marks.EXACT_PER_CONDITION - 1).worth()) {
                    continue;
                }
                enter(best, new Proposal(new Observable.Volts(condition, points[i], points[j]), bits, cost, worth));
            }
        }
        if (condition == Condition.REST && workplace.ammeter()) {
            Observable standing = new Observable.Amps(Condition.REST);
            double bits = outlook.roughBits(standing);
            double cost = Cost.of(circuit, standing, workplace.last());
            enter(best, new Proposal(standing, bits, cost, worth(bits, 0, cost)));
        }
        return best;
    }

    private void enter(List<Proposal> best, Proposal proposal) {
        if (settled(proposal.what())) {
            return;
        }
        best.add(proposal);
        best.sort(BY_WORTH);
        if (best.size() > Marks.EXACT_PER_CONDITION) {
            best.remove(Marks.EXACT_PER_CONDITION);
        }
    }

    /** Probability of the part that a reading lies just across, while the part's current flows. */
    private double proof(Observable what) {
        if (!(what instanceof Observable.Volts volts) || !proves(volts.condition())) {
            return 0;
        }
        return suspected[index(volts.red()) * points.length + index(volts.black())];
    }

    private static boolean proves(Condition condition) {
        return condition.loadsStarterCables() || condition.running();
    }

    private double[] suspected(Map<PartId, Double> probabilities) {
        double[] most = new double[points.length * points.length];
        for (Part part : circuit.parts()) {
            int from = index(part.from());
            int to = index(part.to());
            double p = probabilities.getOrDefault(part.id(), 0.0);
            int at = Math.min(from, to) * points.length + Math.max(from, to);
            most[at] = Math.max(most[at], p);
        }
        return most;
    }

    private int index(PointId point) {
        for (int i = 0; i < points.length; i++) {
            if (points[i].equals(point)) {
                return i;
            }
        }
        throw new IllegalStateException("The point (%s) is of the circuit.".formatted(point));
    }

    /** What was read and is not doubted says nothing new: the display would err the same way again. */
    private boolean settled(Observable what) {
        return settled.stream().anyMatch(taken -> taken.same(what));
    }

    private List<Observable> settled() {
        List<Observation> taken = posterior.evidence().observations();
        List<Observable> all = new ArrayList<>();
        for (int i = 0; i < taken.size(); i++) {
            Observable what = taken.get(i).what();
            long times = taken.stream().filter(o -> o.what().same(what)).count();
            if (posterior.slip(i) < Marks.DOUBTED || times >= Marks.MOST_REPEATS) {
                all.add(what);
            }
        }
        return all;
    }
}

package app.dantro.core.planning;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.inference.Complaint;
import app.dantro.core.inference.Observable;
import app.dantro.core.inference.Outlook;
import app.dantro.core.inference.Posterior;
import app.dantro.core.inference.Suspects;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Whether what tells most is worth leaving the trade's order for: both are followed to their end for each suspect that holds
 * the weight, and the one that leaves has to save two readings or a crank on average (docs/decisions/0033).
 */
final class TwoOrders {
    private final Suspects suspects;
    private final Circuit circuit;
    private final List<Observable> choices = new ArrayList<>();
    private final List<Suspects.Shown> shown = new ArrayList<>();
    /** Stands for a reading across just one part while the current flows. */
    private final Observable loaded;

    private final List<Double> costs = new ArrayList<>();
    private final Map<Left, Integer> best = new HashMap<>();

    private TwoOrders(Posterior posterior, Set<Observable> choices) {
        this.suspects = Outlook.of(posterior).suspects(Marks.SHARE_FOLLOWED, Marks.MOST_FOLLOWED);
        this.circuit = posterior.prepared().circuit();
        this.loaded = new Observable.Volts(
                BigWay.loaded(posterior.evidence().complaint()), circuit.plusPost(), circuit.minusPost());
        choices.forEach(this::add);
    }

    /** The suspects that are left, one bit each, and the choices that were taken. */
    private record Left(long suspects, BitSet taken) {}

    private void add(Observable what) {
        choices.add(what);
        costs.add(Cost.of(circuit, what, Optional.empty()));
        shown.add(suspects.of(what));
    }

    /**
     * True if reading first what tells most leads to the end so much sooner.
     *
     * @param first what tells most
     * @param usual what the trade reads first, in order, as far as it was not read yet
     */
    static boolean leaves(
            Posterior posterior, Workplace workplace, List<Proposal> first, List<Observable.Volts> usual) {
        Set<Observable> choices = new LinkedHashSet<>();
        first.forEach(p -> choices.add(p.what()));
        choices.addAll(usual);
        Complaint complaint = posterior.evidence().complaint();
        BigWay.stretches(posterior.prepared().circuit(), complaint).stream()
                .filter(what -> workplace.conditions().contains(what.condition()) && workplace.reaches(what))
                .forEach(choices::add);
        TwoOrders orders = new TwoOrders(posterior, choices);
        Toll ahead = orders.toll(List.of(first.get(0).what()));
        return ahead.wellUnder(orders.toll(List.copyOf(usual)));
    }

    /** The toll of reading these first, whatever they tell, and then what parts best. */
    private Toll toll(List<? extends Observable> order) {
        Toll toll = Toll.none();
        double sum = 0;
        for (int s = 0; s < suspects.count(); s++) {
            toll = follow(toll, s, order);
            sum += suspects.weight(s);
        }
        return toll.over(sum);
    }

    /**
     * Adds what it takes until only what goes by a suspect's own name is left, or nothing parts it from the others, and the
     * part was read across.
     */
    private Toll follow(Toll before, int suspect, List<? extends Observable> order) {
        Toll toll = before;
        long left = (1L << suspects.count()) - 1;
        BitSet taken = new BitSet();
        for (Observable what : order) {
            if (ended(left, suspect, taken)) {
                return toll;
            }
            toll = toll.plus(what, suspects.weight(suspect));
            left = after(left, suspect, choices.indexOf(what));
            taken.set(choices.indexOf(what));
        }
        for (int next = parting(left, taken); next >= 0; next = parting(left, taken)) {
            toll = toll.plus(choices.get(next), suspects.weight(suspect));
            left = after(left, suspect, next);
            taken.set(next);
        }
        return proven(suspect, taken) ? toll : toll.plus(loaded, suspects.weight(suspect));
    }

    private boolean ended(long left, int suspect, BitSet taken) {
        return suspects.named(left) && proven(suspect, taken);
    }

    private boolean proven(int suspect, BitSet taken) {
        return !suspects.wiring(suspect) || taken.stream().anyMatch(c -> suspects.across(suspect, choices.get(c)));
    }

    private long after(long left, int suspect, int choice) {
        long kept = 0;
        for (int s = 0; s < suspects.count(); s++) {
            boolean in = (left >> s & 1) == 1;
            kept |= in && shown.get(choice).alike(suspect, s) ? 1L << s : 0;
        }
        return kept;
    }

    /** What takes most of the confusion between names away for its effort, and was not taken yet; −1 where nothing does. */
    private int parting(long left, BitSet taken) {
        return best.computeIfAbsent(new Left(left, (BitSet) taken.clone()), this::bestOf);
    }

    private int bestOf(Left at) {
        if (suspects.named(at.suspects)) {
            return -1;
        }
        double most = Marks.LEAST_PARTED;
        int found = -1;
        for (int c = at.taken.nextClearBit(0); c < choices.size(); c = at.taken.nextClearBit(c + 1)) {
            double worth = parted(at.suspects, c) / costs.get(c);
            if (worth > most) {
                most = worth;
                found = c;
            }
        }
        return found;
    }

    /** Weight of the pairs of other names that a reading tells apart, of all weight squared. */
    private double parted(long left, int choice) {
        double apart = 0;
        double all = 0;
        for (int one = 0; one < suspects.count(); one++) {
            if ((left >> one & 1) == 0) {
                continue;
            }
            all += suspects.weight(one);
            for (int other = 0; other < one; other++) {
                boolean counts = (left >> other & 1) == 1 && suspects.name(one) != suspects.name(other);
                if (counts && !shown.get(choice).alike(one, other)) {
                    apart += 2 * suspects.weight(one) * suspects.weight(other);
                }
            }
        }
        return apart / (all * all);
    }
}

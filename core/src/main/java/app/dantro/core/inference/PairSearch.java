package app.dantro.core.inference;

import app.dantro.core.circuit.ParallelWays;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * Which pairs of faults are worth a look: the likeliest single faults, one a part, each with every other part's. A part
 * that lies beside a good one may explain nothing alone, and be half of the answer: one that loses too much under the
 * leads is looked at too. Where a current divides over two ways neither alone explains anything: there both severities are
 * free.
 */
final class PairSearch {
    private static final double LOG_PAIR_SHARE =
            Math.log(Priors.ASSUMED_PAIR / Priors.ASSUMED_SINGLE / Priors.ASSUMED_SINGLE);

    private final PreparedCircuit prepared;
    private final Evidence evidence;
    private final Fitter fitter;
    private final LearnedPriors learned;

    PairSearch(PreparedCircuit prepared, Evidence evidence, Fitter fitter, LearnedPriors learned) {
        this.learned = learned;
        this.prepared = prepared;
        this.evidence = evidence;
        this.fitter = fitter;
    }

    /** A pair and how far it reaches without any slip, in nats. */
    record Lead(int first, int second, double logWeight) {}

    /** A single fault and how far it reaches. */
    record Single(int hypothesis, double logWeight) {}

    /** The best pairs, the best first. */
    List<Lead> pairs(List<Single> singles) {
        List<Lead> found = new ArrayList<>();
        List<Integer> leads = new ArrayList<>(leads(singles));
        leads.addAll(hidden(leads));
        for (int lead : leads) {
            List<PartId> parts = parts(lead);
            for (int h = 1; h < prepared.hypotheses().size(); h++) {
                if (!parts(h).equals(parts)) {
                    addPlain(lead, h, found);
                }
            }
        }
        prepared.parallel().forEach(ways -> besideEachOther(ways, found));
        return found.stream()
                .sorted(Comparator.comparingDouble(Lead::logWeight)
                        .reversed()
                        .thenComparing(Lead::first)
                        .thenComparing(Lead::second))
                .limit(Marks.PAIRS_LOOKED_AT)
                .toList();
    }

    /** The first parts of both ways with every two severities, then all parts of both as strong as suited these best. */
    private void besideEachOther(ParallelWays ways, List<Lead> into) {
        List<Lead> tried = new ArrayList<>();
        for (int first : steps(ways.one().get(0))) {
            for (int second : steps(ways.other().get(0))) {
                addPlain(first, second, tried);
            }
        }
        tried.stream().max(Comparator.comparingDouble(Lead::logWeight)).ifPresent(best -> {
            for (PartId one : ways.one()) {
                for (PartId other : ways.other()) {
                    addPlain(like(best.first, one), like(best.second, other), into);
                }
            }
        });
    }

    private int[] steps(PartId part) {
        return IntStream.range(1, prepared.hypotheses().size())
                .filter(h -> parts(h).equals(List.of(part)))
                .toArray();
    }

    private int[] strided(PartId part) {
        int[] steps = steps(part);
        return IntStream.range(0, steps.length)
                .filter(i -> i % Marks.SEVERITY_STRIDE == 1)
                .map(i -> steps[i])
                .toArray();
    }

    /** The fault of a part that is nearest in resistance to another part's. */
    private int like(int hypothesis, PartId part) {
        double ohms = Math.log(ohms(hypothesis));
        return Arrays.stream(steps(part))
                .boxed()
                .min(Comparator.comparingDouble(h -> Math.abs(Math.log(ohms(h)) - ohms)))
                .orElseThrow();
    }

    private double ohms(int hypothesis) {
        return prepared.hypotheses().get(hypothesis).faults().get(0).ohms(0);
    }

    double logPrior(int first, int second) {
        return prepared.hypotheses().get(first).logPrior()
                + prepared.hypotheses().get(second).logPrior()
                + LOG_PAIR_SHARE
                + learned.shift(first, second);
    }

    /** The other severities of the same part's fault. */
    int[] siblings(int hypothesis) {
        return IntStream.range(Math.max(1, hypothesis - 1), hypothesis + 2)
                .filter(h -> h != hypothesis && h < prepared.hypotheses().size())
                .filter(h -> parts(h).equals(parts(hypothesis)))
                .toArray();
    }

    /** The best severity of each of the likeliest parts. */
    private List<Integer> leads(List<Single> singles) {
        Map<PartId, Single> byPart = new HashMap<>();
        for (Single single : singles) {
            byPart.merge(parts(single.hypothesis).get(0), single, (a, b) -> b.logWeight > a.logWeight ? b : a);
        }
        return byPart.values().stream()
                .sorted(Comparator.comparingDouble(Single::logWeight).reversed().thenComparing(Single::hypothesis))
                .limit(Marks.LEADS)
                .map(Single::hypothesis)
                .toList();
    }

    /** Every third severity of the parts that read too much across them and are not among the leads. */
    private List<Integer> hidden(List<Integer> leads) {
        List<Integer> more = new ArrayList<>();
        for (Part part : prepared.circuit().parts()) {
            boolean led = leads.stream().anyMatch(h -> parts(h).contains(part.id()));
            if (!led && evidence.observations().stream().anyMatch(o -> losesTooMuch(part, o))) {
                Arrays.stream(strided(part.id())).forEach(more::add);
            }
        }
        return more;
    }

    /** True for a reading just across a part that shows far more than a healthy one. */
    private boolean losesTooMuch(Part part, Observation o) {
        Observable across = Observable.volts(o.what().condition(), part.from(), part.to());
        if (!o.what().same(across)) {
            return false;
        }
        double healthy = Math.abs(prepared.healthy(o.what()));
        return Math.abs(o.value()) > Marks.HIDDEN_FACTOR * healthy
                && Math.abs(o.value()) > healthy + Marks.ASSUMED_HIDDEN_VOLTS;
    }

    private List<PartId> parts(int hypothesis) {
        return prepared.hypotheses().get(hypothesis).parts();
    }

    /** The pair without any slip, just to see how far it reaches. */
    private void addPlain(int first, int second, List<Lead> into) {
        if (fitter.load(first, second) && fitter.quick()) {
            into.add(new Lead(first, second, logPrior(first, second) + fitter.gaussian.logDensity));
        }
    }
}

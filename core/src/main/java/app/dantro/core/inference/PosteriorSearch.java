package app.dantro.core.inference;

import app.dantro.core.network.Fault;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;

/**
 * Goes through the hypotheses, each with and without its readings taken for slips; pairs of faults come in when no single
 * fault explains the readings well. Confined to one thread.
 */
final class PosteriorSearch {
    private final PreparedCircuit prepared;
    private final Evidence evidence;
    private final Fitter fitter;
    private final Symptoms symptoms;
    private final Ledger ledger = new Ledger();
    private final SlipSearch slips;
    private final PairSearch pairs;
    private final int[] everything;
    /** Every single fault with the slips that suit it best, the hopeless ones too. */
    private final List<PairSearch.Single> singles = new ArrayList<>();
    /** The most that a single fault could come to if one observation were left out. */
    private final double[] attainable;
    /** The best of the single faults; a pair may lie far above all of them. */
    private double bestSingle = Double.NEGATIVE_INFINITY;

    private List<PairSearch.Lead> looked = List.of();

    PosteriorSearch(PreparedCircuit prepared, Evidence evidence) {
        this.prepared = prepared;
        this.evidence = evidence;
        this.fitter = new Fitter(prepared, evidence);
        this.symptoms = prepared.symptoms();
        this.slips = new SlipSearch(fitter, evidence, ledger);
        this.pairs = new PairSearch(prepared, evidence, fitter);
        this.everything = IntStream.range(0, fitter.count).toArray();
        this.attainable = new double[prepared.hypotheses().size()];
        Arrays.fill(attainable, Double.POSITIVE_INFINITY);
    }

    /** Looks at everything. */
    List<Explanation> all() {
        singles(h -> true);
        if (fitsBadly()) {
            looked = pairs.pairs(singles);
            explainPairs();
        }
        return ledger.explanations();
    }

    /**
     * Looks only at what could come up once a reading of the whole is left out: faults that no second reading speaks
     * against, and the whole's pairs if they matter.
     */
    List<Explanation> lessThan(PosteriorSearch whole, boolean pairsMatter) {
        singles(h -> whole.attainable[h] > whole.bestSingle - Marks.HOPELESS_NATS);
        if (pairsMatter && fitsBadly()) {
            looked = whole.looked;
            explainPairs();
        }
        return ledger.explanations();
    }

    /** True if some explanation with at most one slip comes near the readings; so few always fit. */
    boolean fits() {
        return fitter.count < Marks.LEAST_OBSERVATIONS || ledger.anyFits(fitter.count);
    }

    Fitter fitter() {
        return fitter;
    }

    private void singles(IntPredicate among) {
        double shift = evidence.repaired() ? repairedShift() : 0;
        for (int h = 0; h < prepared.hypotheses().size(); h++) {
            if (!among.test(h)) {
                continue;
            }
            double prior = prepared.hypotheses().get(h).logPrior();
            if (evidence.repaired()) {
                prior = h == 0 ? Math.log(Priors.ASSUMED_HEALTHY_AFTER_REPAIR) : prior + shift;
            }
            explain(h, Explanation.NONE, prior);
        }
    }

    private static double repairedShift() {
        return Math.log((1 - Priors.ASSUMED_HEALTHY_AFTER_REPAIR) / Priors.ASSUMED_SINGLE);
    }

    private void explainPairs() {
        for (PairSearch.Lead pair : looked) {
            explain(pair.first(), pair.second(), pairs.logPrior(pair.first(), pair.second()));
            for (int other : pairs.siblings(pair.first())) {
                explain(other, pair.second(), pairs.logPrior(other, pair.second()));
            }
        }
    }

    private void explain(int first, int second, double logPrior) {
        if (evidence.charged() && (flat(first) || flat(second))) {
            return;
        }
        double base = logPrior + symptoms.logLikelihood(evidence.complaint(), first, second);
        if (evidence.starts().isPresent()) {
            base += symptoms.logStarts(evidence.starts().get(), first, second);
        }
        if (evidence.entered().slow().isPresent()) {
            base += symptoms.logHeard(evidence.entered().slow().get(), first, second);
        }
        if (evidence.entered().pulls().isPresent() && !evidence.repaired()) {
            base += symptoms.logPulls(evidence.entered().pulls().get(), first, second);
        }
        if (fitter.load(first, second) && fitter.fit(everything, everything.length)) {
            SlipSearch.Reached reached = slips.enter(first, second, base);
            if (second < 0) {
                single(first, reached);
            }
        }
    }

    private void single(int hypothesis, SlipSearch.Reached reached) {
        attainable[hypothesis] = reached.attainable();
        bestSingle = Math.max(bestSingle, reached.best());
        if (hypothesis > 0) {
            singles.add(new PairSearch.Single(hypothesis, reached.best()));
        }
    }

    private boolean flat(int hypothesis) {
        return hypothesis > 0
                && prepared.hypotheses().get(hypothesis).faults().stream()
                        .anyMatch(f -> f instanceof Fault.FlatBattery);
    }

    /** True if the best single fault needs a slip, or lies far off all the same. */
    private boolean fitsBadly() {
        if (fitter.count < Marks.LEAST_OBSERVATIONS) {
            return false;
        }
        Ledger.Raw top = ledger.top();
        int kept = fitter.count - top.slips().count();
        return top.slips().count() > 0 || top.distance() > kept + Marks.BAD_FIT_SIGMAS * Math.sqrt(2.0 * kept);
    }
}

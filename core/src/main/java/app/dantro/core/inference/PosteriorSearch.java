package app.dantro.core.inference;

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
    private final LearnedPriors learned;
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
        this.learned = LearnedPriors.of(prepared, evidence);
        this.slips = new SlipSearch(fitter, fitter.gaussian, ledger);
        this.pairs = new PairSearch(prepared, evidence, fitter, learned);
        this.everything = IntStream.range(0, fitter.count).toArray();
        this.attainable = new double[prepared.hypotheses().size()];
        Arrays.fill(attainable, Double.POSITIVE_INFINITY);
    }

    /** One hypothesis or two, and what speaks for them beside the readings, in nats. */
    interface Candidate {
        void look(int first, int second, double base);
    }

    /** Looks at everything. */
    List<Explanation> all() {
        singles(h -> true, this::explain);
        if (ledger.fitsBadly(fitter.count)) {
            looked = pairs.pairs(singles);
            pairsLookedAt(this::explain);
        }
        return ledger.explanations();
    }

    /**
     * Looks only at what could come up once a reading of the whole is left out: faults that no second reading speaks
     * against, and the whole's pairs if they matter.
     */
    List<Explanation> lessThan(PosteriorSearch whole, boolean pairsMatter) {
        singles(whole::possible, this::explain);
        if (pairsMatter && ledger.fitsBadly(fitter.count)) {
            looked = whole.looked;
            pairsLookedAt(this::explain);
        }
        return ledger.explanations();
    }

    /** Every single fault that could come up once a reading is left out. */
    void stillPossible(Candidate candidate) {
        singles(this::possible, candidate);
    }

    private boolean possible(int hypothesis) {
        return attainable[hypothesis] > bestSingle - Marks.HOPELESS_NATS;
    }

    /** True if some explanation with at most one slip comes near the readings; so few always fit. */
    boolean fits() {
        return fitter.count < Marks.LEAST_OBSERVATIONS || ledger.anyFits(fitter.count);
    }

    Fitter fitter() {
        return fitter;
    }

    LearnedPriors learned() {
        return learned;
    }

    private void singles(IntPredicate among, Candidate candidate) {
        double shift = Math.log((1 - Priors.ASSUMED_HEALTHY_AFTER_REPAIR) / Priors.ASSUMED_SINGLE);
        for (int h = 0; h < prepared.hypotheses().size(); h++) {
            if (among.test(h)) {
                double prior = prepared.hypotheses().get(h).logPrior();
                if (evidence.repaired()) {
                    prior = h == 0 ? Math.log(Priors.ASSUMED_HEALTHY_AFTER_REPAIR) : prior + shift;
                }
                look(candidate, h, Explanation.NONE, prior + learned.shift(h, Explanation.NONE));
            }
        }
    }

    /** The pairs that were worth a look, with the other severities of the first. */
    void pairsLookedAt(Candidate candidate) {
        for (PairSearch.Lead pair : looked) {
            look(candidate, pair.first(), pair.second(), pairs.logPrior(pair.first(), pair.second()));
            for (int other : pairs.siblings(pair.first())) {
                look(candidate, other, pair.second(), pairs.logPrior(other, pair.second()));
            }
        }
    }

    private void look(Candidate candidate, int first, int second, double logPrior) {
        if (evidence.charged() && (flat(first) || flat(second))) {
            return;
        }
        candidate.look(first, second, logPrior + symptoms.log(evidence, first, second));
    }

    /** Fits all observations; false if the hypothesis has no operating point. */
    boolean fits(int first, int second) {
        return fitter.load(first, second) && fitter.fit(everything, everything.length);
    }

    private void explain(int first, int second, double base) {
        if (fits(first, second)) {
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
        return hypothesis > 0 && prepared.hypotheses().get(hypothesis).flat();
    }
}

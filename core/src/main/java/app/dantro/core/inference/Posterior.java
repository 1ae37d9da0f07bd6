package app.dantro.core.inference;

import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.network.Fault;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;

/**
 * How likely every explanation is: hypothesis by hypothesis, with and without each reading taken for a slip. Pairs of
 * faults come in when no single fault explains the readings well. The same evidence always gives the same posterior.
 */
public final class Posterior {
    /** Explanations this much less likely than the best, in nats, are dropped. */
    private static final double DROPPED_NATS = 14;

    private static final double HOPELESS_NATS = 25;
    private static final double SLIP_NATS = 1.0;
    private static final int MOST_SLIPS = 5;
    /** A single fault fits badly beyond the 99th percentile of χ². */
    private static final double BAD_FIT_SIGMAS = 2.33;

    private static final double LEAST_PAIRS = 0.01;
    private static final int PAIR_LEADS = 4;
    /** Severities are close together: from every third one its neighbours are reached. */
    private static final int SEVERITY_STRIDE = 3;
    /** Joints of healthy vehicles reach 3.7 times their usual resistance. */
    private static final double HIDDEN_FACTOR = 4;

    private static final double HIDDEN_VOLTS = 0.03;
    private static final int PAIRS_LOOKED_AT = 24;
    private static final double LOG_PAIR_SHARE =
            Math.log(Priors.ASSUMED_PAIR / Priors.ASSUMED_SINGLE / Priors.ASSUMED_SINGLE);

    private final PreparedCircuit prepared;
    private final Evidence evidence;
    private final Fitter fitter;
    private final Symptoms symptoms;
    private final List<Raw> raws = new ArrayList<>();
    /** Every single fault with the slips that suit it best, the hopeless ones too. */
    private final List<Raw> singleFits = new ArrayList<>();

    private final int[] everything;
    private final double[] slipDensities;
    private final double[] slipWeights;
    private List<Explanation> explanations = List.of();
    private double best = Double.NEGATIVE_INFINITY;
    /** The best of the single faults; a pair may lie far above all of them. */
    private double bestSingle = Double.NEGATIVE_INFINITY;

    private record Raw(int first, int second, long slips, double logWeight, double distance) {}

    /** The most that a single fault could come to if one observation were left out. */
    private final double[] attainable;

    private final List<Forecast> forecasts = new ArrayList<>();
    /** Pairs that were looked at; null as long as they were not searched for. */
    private List<Lead> looked;

    private Posterior(PreparedCircuit prepared, Evidence evidence) {
        this.prepared = prepared;
        this.evidence = evidence;
        this.fitter = new Fitter(prepared, evidence.observations());
        this.symptoms = prepared.symptoms();
        this.attainable = new double[prepared.hypotheses().size()];
        Arrays.fill(attainable, Double.POSITIVE_INFINITY);
        this.everything = IntStream.range(0, fitter.count).toArray();
        this.slipDensities = new double[fitter.count];
        this.slipWeights = new double[fitter.count];
    }

    /** The posterior; its explanations' probabilities sum to one. */
    public static Posterior of(PreparedCircuit prepared, Evidence evidence) {
        Posterior posterior = new Posterior(prepared, evidence);
        posterior.singles(h -> true);
        if (posterior.fitsBadly()) {
            posterior.looked = posterior.pairs();
            posterior.explainPairs();
        }
        posterior.normalise();
        return posterior;
    }

    /**
     * The posterior had one reading not been taken. Looks again only at what could come up then: faults that no second
     * reading speaks against, and the pairs of the whole if they matter.
     */
    public Posterior without(UUID reading) {
        double pairs = explanations.stream()
                .filter(e -> e.second() >= 0)
                .mapToDouble(Explanation::probability)
                .sum();
        Posterior less = new Posterior(prepared, evidence.without(reading));
        less.singles(h -> attainable[h] > bestSingle - HOPELESS_NATS);
        if (pairs > LEAST_PAIRS && less.fitsBadly()) {
            less.looked = looked;
            less.explainPairs();
        }
        less.normalise();
        return less;
    }

    public PreparedCircuit prepared() {
        return prepared;
    }

    public Evidence evidence() {
        return evidence;
    }

    /** The likeliest first. */
    public List<Explanation> explanations() {
        return explanations;
    }

    public double healthy() {
        return explanations.stream()
                .filter(e -> e.first() == 0 && e.second() < 0)
                .mapToDouble(Explanation::probability)
                .sum();
    }

    /** Probability that a part or device is at fault. */
    public double probability(PartId part) {
        return probabilities().getOrDefault(part, 0.0);
    }

    /** Probability that a part needs repair: a battery that is only flat needs charging, which proves nothing against it. */
    public double toRepair(PartId part) {
        return explanations.stream()
                .filter(e -> e.faults(prepared).stream()
                        .anyMatch(f -> f.part().equals(part) && !(f instanceof Fault.FlatBattery)))
                .mapToDouble(Explanation::probability)
                .sum();
    }

    /** Probability of every part that any explanation calls bad. */
    public Map<PartId, Double> probabilities() {
        Map<PartId, Double> sums = new HashMap<>();
        for (Explanation e : explanations) {
            e.parts(prepared).forEach(p -> sums.merge(p, e.probability(), Double::sum));
        }
        return sums;
    }

    /** Probability that an observation is a slip. */
    public double slip(int observation) {
        return explanations.stream()
                .filter(e -> e.slipped(observation))
                .mapToDouble(Explanation::probability)
                .sum();
    }

    /** The forecasts of the likeliest explanations, the likeliest first; worked out once. */
    public List<Forecast> forecasts(int most) {
        int count = Math.min(most, explanations.size());
        while (forecasts.size() < count) {
            forecasts.add(Forecast.of(fitter, explanations.get(forecasts.size())));
        }
        return List.copyOf(forecasts.subList(0, count));
    }

    /** What an explanation expects of the numbers that differ between vehicles, and of any observable. */
    public Forecast forecast(Explanation explanation) {
        return Forecast.of(fitter, explanation);
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
            explain(h, -1, prior);
        }
    }

    private static double repairedShift() {
        return Math.log((1 - Priors.ASSUMED_HEALTHY_AFTER_REPAIR) / Priors.ASSUMED_SINGLE);
    }

    private void explain(int first, int second, double logPrior) {
        if (evidence.charged() && (flat(first) || flat(second))) {
            return;
        }
        double base = logPrior + symptoms.logLikelihood(evidence.complaint(), first, second);
        if (evidence.starts().isPresent()) {
            base += symptoms.logStarts(evidence.starts().get(), first, second);
        }
        if (fitter.load(first, second) && fitter.fit(everything, everything.length)) {
            slips(first, second, base);
        }
    }

    private boolean flat(int hypothesis) {
        return hypothesis > 0
                && prepared.hypotheses().get(hypothesis).faults().stream()
                        .anyMatch(f -> f instanceof Fault.FlatBattery);
    }

    /**
     * Enters the loaded explanation as it is and with each reading taken for a slip; the likeliest slip taken as given,
     * those with a further one, as long as that pays. No explanation is given up before its slips are out: gross ones
     * differ by more than all the rest says.
     */
    private void slips(int first, int second, double base) {
        Gaussian g = fitter.gaussian;
        long slipped = 0;
        double given = base;
        double reached = Double.NEGATIVE_INFINITY;
        double most = Double.NEGATIVE_INFINITY;
        double distance = g.distance;
        while (true) {
            int kept = fitter.count - Long.bitCount(slipped);
            double plain = given + kept * SlipModel.LOG_GOOD + g.logDensity;
            keep(first, second, slipped, plain, g.distance);
            reached = Math.max(reached, plain);
            if (Long.bitCount(slipped) == MOST_SLIPS) {
                break;
            }
            int which = likeliestSlip(plain, slipped);
            boolean further = kept > 2 && which >= 0 && slipWeights[which] > plain + SLIP_NATS;
            for (int i = 0; i < fitter.count; i++) {
                if ((slipped & 1L << i) == 0) {
                    reached = Math.max(reached, slipWeights[i]);
                    most = Math.max(most, slipWeights[i] - slipDensities[i]);
                    if (!further || i != which) {
                        keep(first, second, slipped | 1L << i, slipWeights[i], g.distance - g.share(i));
                    }
                }
            }
            if (!further) {
                break;
            }
            given += slipDensities[which];
            slipped |= 1L << which;
            g.drop(which);
        }
        if (second < 0) {
            attainable[first] = Math.max(most, reached);
            bestSingle = Math.max(bestSingle, reached);
        }
        if (second < 0 && first > 0) {
            singleFits.add(new Raw(first, second, 0, reached, distance));
        }
    }

    /** Works out what each reading's slip would make of an explanation; the reading for which that is most, −1 without any. */
    private int likeliestSlip(double plain, long slipped) {
        Gaussian g = fitter.gaussian;
        int which = -1;
        for (int i = 0; i < fitter.count; i++) {
            if ((slipped & 1L << i) != 0) {
                continue;
            }
            Observation o = evidence.observations().get(i);
            double surprise = g.surprise(i);
            double variance = g.variance(i);
            slipDensities[i] =
                    SlipModel.logDensity(o.value(), o.value() - surprise, variance, o.resolution(), fitter.span(i));
            slipWeights[i] = plain - Gaussian.logNormal(surprise, variance) - SlipModel.LOG_GOOD + slipDensities[i];
            if (which < 0 || slipWeights[i] > slipWeights[which]) {
                which = i;
            }
        }
        return which;
    }

    private void keep(int first, int second, long slips, double logWeight, double distance) {
        if (logWeight > best - DROPPED_NATS) {
            raws.add(new Raw(first, second, slips, logWeight, distance));
            best = Math.max(best, logWeight);
        }
    }

    /** True if the best single fault needs a slip, or lies far off all the same. */
    private boolean fitsBadly() {
        int n = fitter.count;
        if (n < 3) {
            return false;
        }
        Raw top = raws.stream().max(Comparator.comparingDouble(Raw::logWeight)).orElseThrow();
        int kept = n - Long.bitCount(top.slips);
        return top.slips != 0 || top.distance > kept + BAD_FIT_SIGMAS * Math.sqrt(2.0 * kept);
    }

    /**
     * The likeliest single faults, one a part, each with every other part's: the best of these pairs are then looked at
     * with their slips, and with the first fault's other severities. A part that lies beside a good one may explain
     * nothing alone, and be half of the answer: one that loses too much under the leads is looked at too.
     */
    private List<Lead> pairs() {
        List<Lead> found = new ArrayList<>();
        List<Integer> leads = new ArrayList<>(leads());
        leads.addAll(hidden(leads));
        for (int lead : leads) {
            List<PartId> parts = prepared.hypotheses().get(lead).parts();
            for (int h = 1; h < prepared.hypotheses().size(); h++) {
                if (!prepared.hypotheses().get(h).parts().equals(parts)) {
                    addPlain(lead, h, found);
                }
            }
        }
        return best(found);
    }

    /** Every third severity of the parts that read too much across them and are not among the leads. */
    private List<Integer> hidden(List<Integer> leads) {
        List<Integer> more = new ArrayList<>();
        for (Part part : prepared.circuit().parts()) {
            boolean led = leads.stream()
                    .anyMatch(h -> prepared.hypotheses().get(h).parts().contains(part.id()));
            if (!led && evidence.observations().stream().anyMatch(o -> losesTooMuch(part, o))) {
                int[] steps = IntStream.range(1, prepared.hypotheses().size())
                        .filter(h -> prepared.hypotheses().get(h).parts().equals(List.of(part.id())))
                        .toArray();
                for (int i = 1; i < steps.length; i += SEVERITY_STRIDE) {
                    more.add(steps[i]);
                }
            }
        }
        return more;
    }

    /** True for a reading just across a part that shows far more than a healthy one. */
    private boolean losesTooMuch(Part part, Observation o) {
        if (!(o.what() instanceof Observable.Volts volts)) {
            return false;
        }
        boolean along = volts.red().equals(part.from()) && volts.black().equals(part.to());
        boolean against = volts.red().equals(part.to()) && volts.black().equals(part.from());
        double healthy = Math.abs(prepared.mean(0, -1, o.what()));
        return (along || against)
                && Math.abs(o.value()) > HIDDEN_FACTOR * healthy
                && Math.abs(o.value()) > healthy + HIDDEN_VOLTS;
    }

    private void explainPairs() {
        for (Lead pair : looked) {
            explain(pair.first, pair.second, pairPrior(pair.first, pair.second));
            for (int other : siblings(pair.first)) {
                explain(other, pair.second, pairPrior(other, pair.second));
            }
        }
    }

    private record Lead(int first, int second, double logWeight) {}

    /** The pair without any slip, just to see how far it reaches. */
    private void addPlain(int first, int second, List<Lead> into) {
        if (fitter.load(first, second) && fitter.quick()) {
            into.add(new Lead(first, second, pairPrior(first, second) + fitter.gaussian.logDensity));
        }
    }

    private static List<Lead> best(List<Lead> found) {
        return found.stream()
                .sorted(Comparator.comparingDouble(Lead::logWeight)
                        .reversed()
                        .thenComparing(Lead::first)
                        .thenComparing(Lead::second))
                .limit(PAIRS_LOOKED_AT)
                .toList();
    }

    /** The other severities of the same part's fault. */
    private int[] siblings(int hypothesis) {
        List<PartId> parts = prepared.hypotheses().get(hypothesis).parts();
        return IntStream.range(Math.max(1, hypothesis - 1), hypothesis + 2)
                .filter(h -> h != hypothesis && h < prepared.hypotheses().size())
                .filter(h -> prepared.hypotheses().get(h).parts().equals(parts))
                .toArray();
    }

    private double pairPrior(int first, int second) {
        return prepared.hypotheses().get(first).logPrior()
                + prepared.hypotheses().get(second).logPrior()
                + LOG_PAIR_SHARE;
    }

    /** The best severity of each of the likeliest parts. */
    private List<Integer> leads() {
        Map<PartId, Raw> byPart = new HashMap<>();
        for (Raw raw : singleFits) {
            PartId part = prepared.hypotheses().get(raw.first).parts().get(0);
            byPart.merge(part, raw, (a, b) -> b.logWeight > a.logWeight ? b : a);
        }
        return byPart.values().stream()
                .sorted(Comparator.comparingDouble(Raw::logWeight).reversed().thenComparing(Raw::first))
                .limit(PAIR_LEADS)
                .map(Raw::first)
                .toList();
    }

    private void normalise() {
        List<Raw> kept = raws.stream()
                .filter(r -> r.logWeight > best - DROPPED_NATS)
                .sorted(Comparator.comparingDouble(Raw::logWeight)
                        .reversed()
                        .thenComparing(Raw::first)
                        .thenComparing(Raw::second)
                        .thenComparing(Raw::slips))
                .toList();
        double sum = 0;
        for (Raw raw : kept) {
            sum += Math.exp(raw.logWeight - best);
        }
        List<Explanation> all = new ArrayList<>(kept.size());
        for (Raw raw : kept) {
            all.add(new Explanation(raw.first, raw.second, raw.slips, Math.exp(raw.logWeight - best) / sum));
        }
        explanations = List.copyOf(all);
    }
}

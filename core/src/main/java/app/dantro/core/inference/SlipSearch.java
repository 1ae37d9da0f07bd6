package app.dantro.core.inference;

import java.util.Arrays;

/**
 * Enters an explanation as it is and with each reading taken for a slip; the likeliest slip taken as given, those with a
 * further one, as long as that pays. No explanation is given up before its slips are out: gross ones differ by more than
 * all the rest says. Confined to one thread.
 */
final class SlipSearch {
    private final Fitter fitter;
    private final Gaussian gaussian;
    private final Ledger ledger;
    /** The observations that do not count, and how many do. */
    private final int[] leftOut;

    private final int kept;
    private final boolean[] out;
    private final double[] densities;
    private final double[] weights;

    /**
     * @param gaussian holds the fit to what counts when an explanation is entered
     * @param leftOut observations that are not in it
     */
    SlipSearch(Fitter fitter, Gaussian gaussian, Ledger ledger, int... leftOut) {
        this.fitter = fitter;
        this.gaussian = gaussian;
        this.ledger = ledger;
        this.leftOut = leftOut;
        this.kept = fitter.count - leftOut.length;
        this.out = new boolean[fitter.count];
        this.densities = new double[fitter.count];
        this.weights = new double[fitter.count];
    }

    /**
     * How far an explanation reaches, in nats.
     *
     * @param best with the slips that suit it best
     * @param attainable what it could come to if one observation were left out
     */
    record Reached(double best, double attainable) {}

    /** Enters the loaded and fitted explanation, {@code base} nats without its readings, with the slips that suit it. */
    Reached enter(int first, int second, double base) {
        Gaussian g = gaussian;
        begin();
        Slips slipped = Slips.NONE;
        int count = 0;
        double given = base;
        double reached = Double.NEGATIVE_INFINITY;
        double most = Double.NEGATIVE_INFINITY;
        while (true) {
            double plain = given + (kept - count) * SlipModel.LOG_GOOD + g.logDensity;
            keep(new Ledger.Raw(first, second, slipped, plain, g.distance));
            reached = Math.max(reached, plain);
            if (count == Marks.MOST_SLIPS) {
                break;
            }
            int which = likeliest(plain);
            boolean further = which >= 0 && gains(count, weights[which] - plain);
            for (int i = 0; i < fitter.count; i++) {
                if (out[i]) {
                    continue;
                }
                reached = Math.max(reached, weights[i]);
                most = Math.max(most, weights[i] - densities[i]);
                if ((!further || i != which) && ledger.takes(weights[i])) {
                    keep(new Ledger.Raw(first, second, slipped.with(i), weights[i], g.distance - g.share(i)));
                }
            }
            if (!further) {
                break;
            }
            given += densities[which];
            slipped = slipped.with(which);
            out[which] = true;
            count++;
            fitter.drop(g, which);
        }
        return new Reached(reached, Math.max(most, reached));
    }

    private void begin() {
        Arrays.fill(out, false);
        for (int i : leftOut) {
            out[i] = true;
        }
    }

    /** True if one more slip, beside those that were taken already, is worth a further look. */
    private boolean gains(int count, double nats) {
        return kept - count > Marks.LEAST_KEPT && nats > Marks.FURTHER_NATS;
    }

    private void keep(Ledger.Raw raw) {
        if (ledger.takes(raw.logWeight())) {
            ledger.keep(raw);
        }
    }

    /** Works out what each reading's slip would make of an explanation; the reading for which that is most, −1 without any. */
    private int likeliest(double plain) {
        Gaussian g = gaussian;
        int which = -1;
        for (int i = 0; i < fitter.count; i++) {
            if (out[i]) {
                continue;
            }
            Observation o = fitter.observations.get(i);
            double surprise = g.surprise(i);
            double variance = g.variance(i);
            double read = fitter.value[i];
            double stretched = fitter.stretched[i];
            densities[i] = SlipModel.logDensity(
                    read,
                    read - surprise / stretched,
                    variance / stretched / stretched,
                    o.resolution(),
                    fitter.span[i]);
            if (o.confirmed()) {
                densities[i] += Marks.LOG_CONFIRMED;
            }
            weights[i] = plain
                    - Gaussian.logNormal(surprise, variance)
                    - Math.log(stretched)
                    - SlipModel.LOG_GOOD
                    + densities[i];
            if (which < 0 || weights[i] > weights[which]) {
                which = i;
            }
        }
        return which;
    }
}

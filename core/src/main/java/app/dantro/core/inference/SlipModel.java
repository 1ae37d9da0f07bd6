package app.dantro.core.inference;

import app.dantro.core.reading.DecimalMove;

/**
 * How a reading that slipped is distributed, given what it should have been: moved by a power of ten, swapped, no
 * contact, or anything at all (docs/job.md, slips to catch). Shares are judgement.
 */
final class SlipModel {
    static final double LOG_GOOD = Math.log(1 - Marks.ASSUMED_SLIP_SHARE);

    /** In the order of {@link DecimalMove#USUAL}. */
    private static final double[] ASSUMED_WEIGHTS = {0.20, 0.20, 0.13, 0.07};

    private static final double[] FACTORS =
            DecimalMove.USUAL.stream().mapToDouble(DecimalMove::factor).toArray();

    /** Squared distance beyond which a normal density adds nothing to the digits of the rest. */
    private static final double FAR_OUT = 200;

    private SlipModel() {}

    /**
     * Logarithm of share times density of a slipped value.
     *
     * @param value what was read
     * @param mean what the other readings and the hypothesis expect
     * @param variance of that expectation, meter included
     * @param span width of what the instrument can show
     */
    static double logDensity(double value, double mean, double variance, double resolution, double span) {
        double density = Marks.ASSUMED_ANYTHING / span;
        double logVariance = Math.log(variance);
        for (int i = 0; i < FACTORS.length; i++) {
            double off = value / FACTORS[i] - mean;
            density += ASSUMED_WEIGHTS[i] * normal(off, variance, logVariance) / Math.abs(FACTORS[i]);
        }
        density += Marks.ASSUMED_SWAPPED * normal(-value - mean, variance, logVariance);
        double blank = Marks.ASSUMED_NO_CONTACT_VOLTS + resolution;
        density += Marks.ASSUMED_NO_CONTACT * normal(value, blank * blank, 2 * Math.log(blank));
        return Math.log(Marks.ASSUMED_SLIP_SHARE * density);
    }

    /** Normal density; nothing far out, where the share of anything at all is more by many powers of ten. */
    private static double normal(double off, double variance, double logVariance) {
        double squares = off * off / variance;
        return squares > FAR_OUT ? 0 : Math.exp(-0.5 * (squares + logVariance + Gaussian.LOG_TWO_PI));
    }
}

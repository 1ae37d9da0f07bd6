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
        for (int i = 0; i < FACTORS.length; i++) {
            double meant = value / FACTORS[i];
            density += ASSUMED_WEIGHTS[i] * Math.exp(Gaussian.logNormal(meant - mean, variance)) / Math.abs(FACTORS[i]);
        }
        density += Marks.ASSUMED_SWAPPED * Math.exp(Gaussian.logNormal(-value - mean, variance));
        double blank = Marks.ASSUMED_NO_CONTACT_VOLTS + resolution;
        density += Marks.ASSUMED_NO_CONTACT * Math.exp(Gaussian.logNormal(value, blank * blank));
        return Math.log(Marks.ASSUMED_SLIP_SHARE * density);
    }
}

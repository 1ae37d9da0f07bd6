package app.dantro.core.quantity;

/** How many standard deviations hold how much of a normal distribution (docs/sources.md [NORMAL]). */
public final class Quantile {
    /** Coverage factor of an instrument's error: k = 2, about 95 % (docs/physics.md, instruments). */
    public static final double COVERAGE = 2;

    /** Two-sided 95 %. */
    public static final double TWO_SIDED_95 = 1.96;

    /** Two-sided 99 %, with the spreads widened by half: what a healthy part may show (docs/decisions/0004). */
    public static final double HEALTHY = 2.58 * 1.5;

    private Quantile() {}
}

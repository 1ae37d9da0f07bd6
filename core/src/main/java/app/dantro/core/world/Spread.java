package app.dantro.core.world;

/**
 * A healthy range: 99 of 100 lie in it, the rest further out than a bell would put them.
 *
 * @param logarithmic true if halves and doubles are alike, not differences
 */
record Spread(double low, double high, boolean logarithmic) {
    private static final double SCORE_OF_99 = 2.576;
    private static final double TAIL = 0.45;

    static Spread even(double low, double high) {
        return new Spread(low, high, false);
    }

    static Spread log(double low, double high) {
        return new Spread(low, high, true);
    }

    /** The value at a standard normal score. */
    double at(double score) {
        double share = Math.sinh(TAIL * score) / Math.sinh(TAIL * SCORE_OF_99);
        return logarithmic
                ? Math.sqrt(low * high) * Math.pow(high / low, share / 2)
                : (low + high) / 2 + share * (high - low) / 2;
    }
}

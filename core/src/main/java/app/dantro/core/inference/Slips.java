package app.dantro.core.inference;

/**
 * The observations that an explanation takes for slips: at most {@value Marks#MOST_SLIPS}, whatever the number of observations.
 *
 * @param packed their numbers plus one, twelve bits each, the largest foremost
 */
record Slips(long packed) {
    static final Slips NONE = new Slips(0);
    /** Numbers of observations fit into twelve bits. */
    static final int MOST_OBSERVATIONS = 4000;

    private static final int BITS = 12;
    private static final long FIELD = (1L << BITS) - 1;

    boolean contains(int observation) {
        for (long left = packed; left != 0; left >>>= BITS) {
            if ((left & FIELD) == observation + 1) {
                return true;
            }
        }
        return false;
    }

    int count() {
        int count = 0;
        for (long left = packed; left != 0; left >>>= BITS) {
            count++;
        }
        return count;
    }

    /** The same with one more. */
    Slips with(int observation) {
        if (contains(observation)) {
            return this;
        }
        if (count() == Marks.MOST_SLIPS) {
            throw new IllegalStateException("An explanation takes at most %s slips.".formatted(Marks.MOST_SLIPS));
        }
        long smaller = 0;
        int shift = 0;
        while ((packed >>> shift & FIELD) != 0 && (packed >>> shift & FIELD) < observation + 1) {
            smaller |= packed & FIELD << shift;
            shift += BITS;
        }
        long larger = packed ^ smaller;
        return new Slips(larger << BITS | (long) (observation + 1) << shift | smaller);
    }
}

package app.dantro.core.inference;

import java.util.stream.IntStream;

/**
 * The observations that an explanation takes for slips: at most {@value #MOST}, whatever the number of observations.
 *
 * @param packed their numbers plus one, twelve bits each, the largest foremost
 */
record Slips(long packed) {
    static final int MOST = 5;
    static final Slips NONE = new Slips(0);
    /** Numbers of observations fit into twelve bits. */
    static final int MOST_OBSERVATIONS = 4000;

    private static final int BITS = 12;
    private static final long FIELD = (1L << BITS) - 1;

    boolean contains(int observation) {
        return numbers().anyMatch(i -> i == observation);
    }

    int count() {
        return (int) numbers().count();
    }

    /** The same with one more. */
    Slips with(int observation) {
        long all = 0;
        int[] sorted = IntStream.concat(numbers(), IntStream.of(observation))
                .distinct()
                .sorted()
                .toArray();
        if (sorted.length > MOST) {
            throw new IllegalStateException("An explanation takes at most %s slips.".formatted(MOST));
        }
        for (int i = sorted.length - 1; i >= 0; i--) {
            all = all << BITS | sorted[i] + 1;
        }
        return new Slips(all);
    }

    private IntStream numbers() {
        return IntStream.range(0, MOST)
                .map(i -> (int) (packed >> BITS * i & FIELD) - 1)
                .filter(i -> i >= 0);
    }
}

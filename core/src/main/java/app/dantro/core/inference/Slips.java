package app.dantro.core.inference;

import java.util.stream.IntStream;

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
        if (sorted.length > Marks.MOST_SLIPS) {
            throw new IllegalStateException("An explanation takes at most %s slips.".formatted(Marks.MOST_SLIPS));
        }
        for (int i = sorted.length - 1; i >= 0; i--) {
            all = all << BITS | sorted[i] + 1;
        }
        return new Slips(all);
    }

    private IntStream numbers() {
        return IntStream.range(0, Marks.MOST_SLIPS)
                .map(i -> (int) (packed >> BITS * i & FIELD) - 1)
                .filter(i -> i >= 0);
    }
}

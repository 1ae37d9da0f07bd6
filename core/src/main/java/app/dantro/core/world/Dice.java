package app.dantro.core.world;

import java.util.List;
import java.util.SplittableRandom;

/** Chance that is the same again for the same seed. */
final class Dice {
    private final SplittableRandom random;

    Dice(long seed) {
        random = new SplittableRandom(seed);
    }

    /** A number of a standard normal distribution. */
    double score() {
        return random.nextGaussian();
    }

    /** The same, in part another's: correlated with it by {@code with}. */
    double score(double other, double with) {
        return with * other + Math.sqrt(1 - with * with) * random.nextGaussian();
    }

    /** A seed for other dice. */
    long seed() {
        return random.nextLong();
    }

    boolean in(double share) {
        return random.nextDouble() < share;
    }

    double even(double low, double high) {
        return low + (high - low) * random.nextDouble();
    }

    double logarithmic(double low, double high) {
        return low * Math.pow(high / low, random.nextDouble());
    }

    <T> T of(List<T> all) {
        return all.get(random.nextInt(all.size()));
    }
}

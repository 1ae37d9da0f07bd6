package app.dantro.core.inference;

import java.util.Arrays;

/** Resistances with their weights, to be put in order and summed up. Confined to one thread. */
final class WeightedOhms {
    /** Of the digits of a resistance those that its number takes in the order: a trillionth of it. */
    private static final int NUMBER_BITS = 12;

    private static final long NUMBER = (1L << NUMBER_BITS) - 1;

    private final double[] ohms;
    private final double[] weights;
    private final long[] order;
    private int count;
    private double whole;

    /** @param most how many there will be, 4096 at the most */
    WeightedOhms(int most) {
        if (most > NUMBER + 1) {
            throw new IllegalArgumentException(
                    "At most %d resistances are put in order, not %d.".formatted(NUMBER + 1, most));
        }
        ohms = new double[most];
        weights = new double[most];
        order = new long[most];
    }

    /** @param value in Ω, above 0: its bits rise with it */
    void add(double value, double weight) {
        ohms[count] = value;
        weights[count] = weight;
        order[count] = Double.doubleToRawLongBits(value) & ~NUMBER | count;
        count++;
        whole += weight;
    }

    void sort() {
        Arrays.sort(order, 0, count);
    }

    /** The resistance below which a share of the weight lies; they are in order. */
    double quantile(double share) {
        double sum = 0;
        int last = 0;
        for (int i = 0; i < count; i++) {
            last = (int) (order[i] & NUMBER);
            sum += weights[last];
            if (sum >= share * whole) {
                return ohms[last];
            }
        }
        return ohms[last];
    }

    /** Mean of those below a bound; infinite if there are none. */
    double mean(double below) {
        double sum = 0;
        double share = 0;
        for (int i = 0; i < count; i++) {
            if (ohms[i] < below) {
                sum += weights[i] * ohms[i];
                share += weights[i];
            }
        }
        return share > 0 ? sum / share : Double.POSITIVE_INFINITY;
    }
}

package app.dantro.core.inference;

/**
 * The log density of observations with each left out in turn, by the program's own downdate; in the room of what it
 * measures, which shows itself to nobody else.
 */
public final class LeaveOneOut {
    private final double[] covariance;
    private final double[] difference;
    private final int[] all;
    private final Gaussian gaussian;

    /** @param covariance full matrix, row after row */
    public LeaveOneOut(double[] covariance, double[] difference) {
        this.covariance = covariance.clone();
        this.difference = difference.clone();
        this.all = new int[difference.length];
        for (int i = 0; i < all.length; i++) {
            all[i] = i;
        }
        this.gaussian = new Gaussian(all.length);
    }

    /** How far the observations but one lie off, squared, summed over which one it is. */
    public double distances() {
        if (!gaussian.compute(covariance, all.length, difference, all, all.length)) {
            throw new IllegalStateException("The covariance is not positive definite.");
        }
        double sum = 0;
        for (int i = 0; i < all.length; i++) {
            sum += gaussian.distance - gaussian.share(i);
        }
        return sum;
    }
}

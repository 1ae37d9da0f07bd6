package app.dantro.core.inference;

/** The bits a reading would bring, with every explanation's own spread; by a three-point rule (sources.md [GH]). */
final class ExpectedInformation {
    /** Nodes and weights of the three-point Gauss–Hermite rule for a standard normal (sources.md [GH]). */
    private static final double[] NODES = {-1.7320508075688772, 0, 1.7320508075688772};

    private static final double[] SHARES = {1.0 / 6, 2.0 / 3, 1.0 / 6};
    /** Nats of a bit. */
    static final double LOG_2 = Math.log(2);
    /** Variance of a step either way on a display, in steps squared: twice that of a uniform one. */
    private static final double STEP_VARIANCE = 4.0 / 3;

    private final Likeliest likeliest;
    private final int count;

    ExpectedInformation(Likeliest likeliest) {
        this.likeliest = likeliest;
        this.count = likeliest.exact();
    }

    double bits(Observable what) {
        double[] mean = new double[count];
        double[] sigma = new double[count];
        double sum = 0;
        for (int e = 0; e < count; e++) {
            Forecast.Expected expected = likeliest.forecasts.get(e).expected(what, Display.resolution(what, 0));
            double shown = Display.resolution(what, expected.mean());
            mean[e] = expected.mean();
            sigma[e] = Math.sqrt(expected.variance() + STEP_VARIANCE * shown * shown + Likeliest.unloaded(what));
            sum += likeliest.weights[e];
        }
        double bits = 0;
        for (int e = 0; e < count; e++) {
            if (!Double.isNaN(mean[e])) {
                bits += likeliest.weights[e] / sum * bitsFrom(e, mean, sigma, sum);
            }
        }
        return Math.max(0, bits);
    }

    private double bitsFrom(int e, double[] mean, double[] sigma, double sum) {
        double bits = 0;
        double share = groupShare(likeliest.groups[e], sum);
        for (int q = 0; q < NODES.length; q++) {
            double value = mean[e] + NODES[q] * sigma[e];
            double all = 0;
            double own = 0;
            for (int o = 0; o < count; o++) {
                if (Double.isNaN(mean[o])) {
                    continue;
                }
                double z = (value - mean[o]) / sigma[o];
                double density =
                        likeliest.weights[o] / sum * (Math.exp(-0.5 * z * z) + Marks.ASSUMED_OUTCOME_FLOOR) / sigma[o];
                all += density;
                if (likeliest.groups[o] == likeliest.groups[e]) {
                    own += density;
                }
            }
            bits += SHARES[q] * Math.log(own / share / all) / LOG_2;
        }
        return bits;
    }

    private double groupShare(int group, double sum) {
        double share = 0;
        for (int e = 0; e < count; e++) {
            share += likeliest.groups[e] == group ? likeliest.weights[e] / sum : 0;
        }
        return share;
    }
}

package app.dantro.core.profile;

import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.ResistanceRange;
import app.dantro.core.inference.PreparedCircuit;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;

/**
 * Least-squares estimate of each wiring part's resistance from sums over stretches: a Gaussian prior around the healthy
 * values, widened for parts under suspicion, updated with one sum at a time (sources.md [KALMAN], static case).
 */
final class ResistanceEstimate {
    private final Map<PartId, Integer> positions = new HashMap<>();
    private final double[] meanOhms;
    private final double[][] covariance;

    /**
     * @param suspicionOhms standard deviation in ohms that suspicion adds to a part; 0 for none
     */
    ResistanceEstimate(List<Part> parts, double celsius, ToDoubleFunction<Part> suspicionOhms) {
        int n = parts.size();
        meanOhms = new double[n];
        covariance = new double[n][n];
        for (int i = 0; i < n; i++) {
            positions.put(parts.get(i).id(), i);
            ResistanceRange healthy = parts.get(i).resistance().healthyAt(celsius);
            meanOhms[i] = healthy.nominalOhms();
            double spread = PreparedCircuit.WIDENING * healthy.logSpread() * healthy.nominalOhms();
            covariance[i][i] = square(Math.hypot(spread, suspicionOhms.applyAsDouble(parts.get(i))));
        }
    }

    /**
     * Takes in one sum.
     *
     * @param over the parts whose resistances were summed
     * @param ohms the sum in ohms
     * @param standardOhms its standard uncertainty in ohms
     */
    void observe(List<Part> over, double ohms, double standardOhms) {
        int n = meanOhms.length;
        int[] summed = over.stream().mapToInt(p -> positions.get(p.id())).toArray();
        double[] covarianceWithSum = new double[n];
        double predicted = 0;
        double variance = square(standardOhms);
        for (int i = 0; i < n; i++) {
            for (int j : summed) {
                covarianceWithSum[i] += covariance[i][j];
            }
        }
        for (int j : summed) {
            predicted += meanOhms[j];
            variance += covarianceWithSum[j];
        }
        for (int i = 0; i < n; i++) {
            meanOhms[i] += covarianceWithSum[i] / variance * (ohms - predicted);
            for (int j = 0; j < n; j++) {
                covariance[i][j] -= covarianceWithSum[i] * covarianceWithSum[j] / variance;
            }
        }
    }

    double ohms(Part part) {
        return Math.max(0, meanOhms[positions.get(part.id())]);
    }

    double standardOhms(Part part) {
        int i = positions.get(part.id());
        return Math.sqrt(Math.max(0, covariance[i][i]));
    }

    private static double square(double x) {
        return x * x;
    }
}

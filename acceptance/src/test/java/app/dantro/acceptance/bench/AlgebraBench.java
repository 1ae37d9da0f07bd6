package app.dantro.acceptance.bench;

import app.dantro.acceptance.bench.Bench.Figure;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.inference.LeaveOneOut;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.network.NetworkMatrix;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;
import org.ejml.dense.row.factory.LinearSolverFactory_DDRM;
import org.ejml.interfaces.linsol.LinearSolverDense;

/**
 * The program's own elimination and its leaving-out of observations beside a library's, on the matrices that it meets: the
 * conductances of whole circuits, and covariances of a case's readings.
 */
final class AlgebraBench implements Bench.Benchmark {
    private static final int BATCHES = 40;
    private static final int BATCH = 400;
    private static final int WARM_UP_BATCHES = 120;
    private static final double CELSIUS = 20;
    private static final double SAME = 1e-6;

    private double kept;

    /** One piece of work; what it gives keeps it from being left out. */
    private interface Work {
        double run();
    }

    @Override
    public List<Figure> run() {
        List<Figure> figures = new ArrayList<>();
        for (String id : List.of("petrol-car", "truck-24v")) {
            Circuit circuit = ReadyMadeCircuits.named(id).orElseThrow();
            figures.addAll(elimination(id, new NetworkMatrix(circuit, CELSIUS)));
        }
        for (int readings : new int[] {6, 12, 30}) {
            figures.addAll(leavingOut(readings));
        }
        if (Double.isNaN(kept)) {
            throw new IllegalStateException("A solution was not a number.");
        }
        return figures;
    }

    private List<Figure> elimination(String id, NetworkMatrix matrix) {
        int n = matrix.size();
        double[] right = new Random(1).doubles(n, -1, 1).toArray();
        DMatrixRMaj a = new DMatrixRMaj(n, n, true, matrix.entries());
        DMatrixRMaj b = new DMatrixRMaj(n, 1, true, right.clone());
        DMatrixRMaj x = new DMatrixRMaj(n, 1);
        LinearSolverDense<DMatrixRMaj> lu = LinearSolverFactory_DDRM.lu(n);
        DMatrixRMaj scratch = a.copy();
        double[] own = new double[n];
        Work ours = () -> {
            System.arraycopy(right, 0, own, 0, n);
            matrix.solve(own);
            return own[0];
        };
        Work theirs = () -> {
            scratch.setTo(a);
            lu.setA(scratch);
            lu.solve(b, x);
            return x.get(0);
        };
        agree(ours.run(), theirs.run());
        return compared("LU and one solve, %s, %d nodes".formatted(id, n), ours, theirs);
    }

    private List<Figure> leavingOut(int n) {
        Random random = new Random(n);
        DMatrixRMaj root =
                new DMatrixRMaj(n, n, true, random.doubles(n * n, -1, 1).toArray());
        DMatrixRMaj covariance = new DMatrixRMaj(n, n);
        CommonOps_DDRM.multTransB(root, root, covariance);
        for (int i = 0; i < n; i++) {
            covariance.add(i, i, 0.5);
        }
        double[] difference = random.doubles(n, -1, 1).toArray();
        LeaveOneOut own = new LeaveOneOut(covariance.data, difference);
        LibraryLeaveOneOut library = new LibraryLeaveOneOut(covariance, difference);
        agree(own.distances(), library.distances());
        return compared("each of %d readings left out".formatted(n), own::distances, library::distances);
    }

    private static void agree(double ours, double theirs) {
        if (!(Math.abs(ours - theirs) <= SAME * Math.max(1, Math.abs(theirs)))) {
            throw new IllegalStateException("They do not agree: %s and %s.".formatted(ours, theirs));
        }
    }

    private List<Figure> compared(String name, Work ours, Work theirs) {
        List<Double> own = new ArrayList<>();
        List<Double> other = new ArrayList<>();
        List<Double> ratios = new ArrayList<>();
        for (int batch = 0; batch < WARM_UP_BATCHES + BATCHES; batch++) {
            double first = micros(ours);
            double second = micros(theirs);
            if (batch >= WARM_UP_BATCHES) {
                own.add(first);
                other.add(second);
                ratios.add(second / first);
            }
        }
        return List.of(
                Figure.of(name, "µs", own, Double.NaN),
                Figure.of("  by the library", "µs", other, Double.NaN),
                Figure.of("  library over ours", "×", ratios, Double.NaN));
    }

    private double micros(Work work) {
        long from = System.nanoTime();
        for (int i = 0; i < BATCH; i++) {
            kept += work.run();
        }
        return (System.nanoTime() - from) / 1e3 / BATCH;
    }
}

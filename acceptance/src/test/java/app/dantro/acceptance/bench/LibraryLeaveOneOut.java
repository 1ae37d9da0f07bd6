package app.dantro.acceptance.bench;

import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;
import org.ejml.dense.row.factory.LinearSolverFactory_DDRM;
import org.ejml.interfaces.linsol.LinearSolverDense;

/** Leaving observations out by the library: each rest is factored anew, as it has no downdate that gives the distance. */
final class LibraryLeaveOneOut {
    private final DMatrixRMaj covariance;
    private final double[] difference;
    private final DMatrixRMaj rest;
    private final DMatrixRMaj right;
    private final DMatrixRMaj solved;
    private final LinearSolverDense<DMatrixRMaj> cholesky;

    LibraryLeaveOneOut(DMatrixRMaj covariance, double[] difference) {
        int n = difference.length - 1;
        this.covariance = covariance;
        this.difference = difference;
        this.rest = new DMatrixRMaj(n, n);
        this.right = new DMatrixRMaj(n, 1);
        this.solved = new DMatrixRMaj(n, 1);
        this.cholesky = LinearSolverFactory_DDRM.chol(n);
    }

    double distances() {
        double sum = 0;
        for (int out = 0; out < difference.length; out++) {
            sum += distanceWithout(out);
        }
        return sum;
    }

    private double distanceWithout(int out) {
        int n = difference.length - 1;
        for (int i = 0; i < n; i++) {
            int row = i < out ? i : i + 1;
            right.set(i, difference[row]);
            for (int j = 0; j < n; j++) {
                rest.set(i, j, covariance.get(row, j < out ? j : j + 1));
            }
        }
        cholesky.setA(rest);
        cholesky.solve(right, solved);
        return CommonOps_DDRM.dot(right, solved);
    }
}

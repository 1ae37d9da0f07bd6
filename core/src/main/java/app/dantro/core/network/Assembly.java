package app.dantro.core.network;

import java.util.Arrays;

/**
 * The equations of one solution and their balance: {@code A x = b} with the potentials first, then the currents that
 * are unknowns of their own. Members write themselves in twice: as numbers of the equations, and afterwards as the
 * currents they carry, from which the balance at every point is summed.
 */
final class Assembly {
    private static final double BALANCE_SHARE = 1e-9;
    /** Solutions are refined until they are this much better than they must be. */
    private static final double REFINED_SHARE = 0.1;

    private static final int REFINEMENTS = 3;

    private final int reference;
    private final LinearSystem linear;
    private final LinearSystem system;
    private final double[] right;
    private final double[] x;
    private final double[] residual;
    private double largestAmps;
    private double imbalanceAmps;

    /** What writes the currents of all members. */
    interface Flows {
        void add();
    }

    /**
     * @param nodes number of unknown potentials; the reference has this number
     * @param rows potentials, reference and extra unknowns together
     */
    Assembly(int nodes, int rows) {
        this.reference = nodes;
        linear = new LinearSystem(rows);
        system = new LinearSystem(rows);
        right = new double[rows];
        x = new double[rows];
        residual = new double[rows];
    }

    /** Begins the part of the equations that no mode changes. */
    LinearSystem beginLinear() {
        linear.clear();
        return linear;
    }

    /** Begins one solution: the linear part is there, the devices write themselves in. */
    void beginDevices() {
        system.copy(linear);
        Arrays.fill(right, 0);
    }

    LinearSystem system() {
        return system;
    }

    /** A device between two nodes that carries {@code i = siemens · v + amps} from the first to the second. */
    void member(int[] at, double siemens, double amps) {
        conductance(system, at[0], at[1], siemens);
        source(at, amps);
    }

    void source(int[] at, double amps) {
        right[at[0]] -= amps;
        right[at[1]] += amps;
    }

    static void conductance(LinearSystem into, int from, int to, double siemens) {
        into.add(from, from, siemens);
        into.add(to, to, siemens);
        into.add(from, to, -siemens);
        into.add(to, from, -siemens);
    }

    /** Solves and refines; false if there is no finite solution. */
    boolean solve(Flows flows) {
        system.pin(reference);
        right[reference] = 0;
        if (!system.factor()) {
            return false;
        }
        System.arraycopy(right, 0, x, 0, x.length);
        system.solve(x);
        boolean balanced = wellBalanced(flows);
        for (int pass = 0; pass < REFINEMENTS && !balanced && Double.isFinite(imbalanceAmps); pass++) {
            residual[reference] = 0;
            system.solve(residual);
            for (int i = 0; i < x.length; i++) {
                x[i] += residual[i];
            }
            balanced = wellBalanced(flows);
        }
        // out of balance still, its modes may lead on; a final solution is held against the bound once more
        return Double.isFinite(imbalanceAmps);
    }

    /** True if the currents at every point of the last solution sum to nothing. */
    boolean balances() {
        return imbalanceAmps <= BALANCE_SHARE * Math.max(1, largestAmps);
    }

    double imbalanceAmps() {
        return imbalanceAmps;
    }

    /** A point's potential, in V; the reference's unknown is pinned to 0. */
    double potential(int node) {
        return x[node];
    }

    double across(int[] at) {
        return potential(at[0]) - potential(at[1]);
    }

    /** An unknown that is no potential. */
    double unknown(int row) {
        return x[row];
    }

    /**
     * One Newton step with the factors of the last solution: to first order what a change of the members' numbers does to
     * the unknowns. The solution itself stays.
     *
     * @param change takes the changes of potentials, reference and extra unknowns; length is their number
     * @return false if a number is not finite
     */
    boolean correction(Flows flows, double[] change) {
        wellBalanced(flows);
        residual[reference] = 0;
        System.arraycopy(residual, 0, change, 0, residual.length);
        system.solve(change);
        return Double.isFinite(imbalanceAmps);
    }

    /** Adds to the unknowns, with a sign of +1 or −1. */
    void move(double[] change, int sign) {
        for (int i = 0; i < x.length; i++) {
            x[i] += sign * change[i];
        }
    }

    double[] potentials() {
        return Arrays.copyOf(x, reference);
    }

    /** Enters a current into the balance. */
    void flow(int from, int to, double amps) {
        residual[from] -= amps;
        residual[to] += amps;
        largestAmps = Math.max(largestAmps, Math.abs(amps));
    }

    void flow(int[] at, double amps) {
        flow(at[0], at[1], amps);
    }

    /** Enters what is left over in the equation of an extra unknown. */
    void leftOver(int row, double value) {
        residual[row] = value;
    }

    private boolean wellBalanced(Flows flows) {
        Arrays.fill(residual, 0);
        largestAmps = 0;
        flows.add();
        imbalanceAmps = 0;
        for (int i = 0; i < reference; i++) {
            double here = Math.abs(residual[i]);
            if (!(here < Double.POSITIVE_INFINITY)) {
                imbalanceAmps = Double.NaN;
                return false;
            }
            imbalanceAmps = Math.max(imbalanceAmps, here);
        }
        return imbalanceAmps <= REFINED_SHARE * BALANCE_SHARE * Math.max(1, largestAmps);
    }
}

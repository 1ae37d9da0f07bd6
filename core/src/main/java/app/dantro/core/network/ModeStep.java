package app.dantro.core.network;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** One linear solution with every device held in one of its modes, and the modes that this solution speaks for. */
final class ModeStep {
    private static final int MOST_BITS = 40;
    /** In V or A: far below the last digit of any meter. */
    private static final double LEAST_CHANGE = 1e-5;

    private final Netlist netlist;
    private final LinearMembers linear;
    private final Assembly assembly;
    private final BatteryBank batteries;
    private final StarterBank starters;
    private final AlternatorBank alternators;
    private final DeviceBank[] banks;
    /** Where each bank's modes begin. */
    private final int[] begins;

    private final int[] choices;
    private final int[] solvedModes;
    private final Assembly.Flows flows = this::addFlows;
    private Condition condition;

    ModeStep(Netlist netlist, DeviceValues values) {
        this.netlist = netlist;
        linear = new LinearMembers(netlist, values);
        assembly = new Assembly(netlist.nodes, linear.rows());
        batteries = new BatteryBank(netlist, assembly, values);
        starters = new StarterBank(netlist, assembly, values);
        alternators = new AlternatorBank(netlist, assembly, values);
        banks = new DeviceBank[] {batteries, starters, alternators, new PileBank(netlist, assembly, values)};
        begins = new int[banks.length];
        List<Integer> all = new ArrayList<>();
        for (int b = 0; b < banks.length; b++) {
            begins[b] = all.size();
            for (int choice : banks[b].choices()) {
                all.add(choice);
            }
        }
        choices = all.stream().mapToInt(Integer::intValue).toArray();
        solvedModes = new int[choices.length];
    }

    int modeCount() {
        return choices.length;
    }

    /** Writes the likely modes in a condition: where a solution from scratch begins. */
    void guess(Condition in, boolean contactsClosed, int[] modes) {
        for (int b = 0; b < banks.length; b++) {
            banks[b].guess(in, contactsClosed, modes, begins[b]);
        }
    }

    /** How many combinations of modes there are; more than 2⁴⁰ count as 2⁴⁰. */
    long combinations() {
        long product = 1;
        for (int choice : choices) {
            product = Math.min(1L << MOST_BITS, product * choice);
        }
        return product;
    }

    /** Writes the modes of one combination. */
    void combination(long number, int[] modes) {
        long rest = number;
        for (int i = 0; i < modes.length; i++) {
            modes[i] = (int) (rest % choices[i]);
            rest /= choices[i];
        }
    }

    /** Writes all that does not depend on modes. */
    void begin(Condition in, boolean contactsClosed) {
        condition = in;
        linear.stamp(assembly, in, contactsClosed);
    }

    Condition condition() {
        return condition;
    }

    /** Solves with the devices in these modes; false if there is no finite solution. */
    boolean solve(int[] modes) {
        System.arraycopy(modes, 0, solvedModes, 0, modes.length);
        assembly.beginDevices();
        for (int b = 0; b < banks.length; b++) {
            banks[b].stamp(condition, modes, begins[b]);
        }
        return assembly.solve(flows);
    }

    private void addFlows() {
        linear.flows();
        for (int b = 0; b < banks.length; b++) {
            banks[b].flows(condition, solvedModes, begins[b]);
        }
    }

    /** The modes that the solution speaks for are written into {@code modes}; true if they were the same already. */
    boolean modesAgree(int[] modes) {
        boolean agree = true;
        for (int b = 0; b < banks.length; b++) {
            agree &= banks[b].agree(condition, modes, begins[b]);
        }
        return agree;
    }

    boolean balances() {
        return assembly.balances();
    }

    double potential(int node) {
        return assembly.potential(node);
    }

    /** Number of unknowns, the reference's potential included. */
    int unknowns() {
        return linear.rows();
    }

    /** To first order what the members' present numbers would change in the last solution, modes kept. */
    boolean correction(boolean contactsClosed, double[] change) {
        linear.take(condition, contactsClosed);
        return assembly.correction(flows, change);
    }

    /** False for a correction of next to nothing: a second one would move less still. */
    static boolean moves(double[] change) {
        for (double c : change) {
            if (Math.abs(c) > LEAST_CHANGE) {
                return true;
            }
        }
        return false;
    }

    /** Moves the solution by a correction, or back. */
    void move(double[] change, int sign) {
        assembly.move(change, sign);
    }

    /** Current that all batteries together deliver, in A. */
    double batteryAmps() {
        return batteries.deliveredAmps(condition, solvedModes, begins[0]);
    }

    double partAmps(int part) {
        return linear.amps(part);
    }

    double radiansPerSecond() {
        return starters.radiansPerSecond(solvedModes, begins[1]);
    }

    double rippleVolts() {
        return alternators.rippleVolts(condition, solvedModes, begins[2]);
    }

    /** The operating point of the last solution, whose modes agreed. */
    OperatingPoint result(NetworkSolver.Plunger plunger, int iterations) {
        Map<PartId, Double> amps = new HashMap<>();
        List<Limit> limits = new ArrayList<>();
        plunger.limit().ifPresent(limits::add);
        linear.read(amps);
        for (int b = 0; b < banks.length; b++) {
            banks[b].read(condition, solvedModes, begins[b], amps, limits);
        }
        return new OperatingPoint(
                netlist,
                new OperatingPoint.Flows(assembly.potentials(), linear.partAmps(), amps),
                new OperatingPoint.Turning(radiansPerSecond(), rippleVolts()),
                List.copyOf(limits),
                new OperatingPoint.Convergence(iterations, assembly.imbalanceAmps()));
    }
}

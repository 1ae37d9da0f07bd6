package app.dantro.core.network;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.Solenoid;
import app.dantro.core.circuit.Starter.Motor;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * One linear solution with every device held in one of its modes, and the modes that this solution speaks for. A member
 * carries {@code i = g v + j} from its first to its second terminal.
 */
final class ModeStep {
    /** A device this near the bend between two modes, in V, may be in either. */
    private static final double AT_THE_BEND_VOLTS = 1e-10;

    private static final double BALANCE_SHARE = 1e-9;
    /** Parts below this carry their current as an unknown: a difference of potentials would lose its digits. */
    private static final double CURRENT_UNKNOWN_BELOW_OHMS = 30e-6;

    private static final double ASSUMED_RIPPLE_VOLTS = 0.04;
    private static final double ASSUMED_RIPPLE_OFFSET = 0.3;

    private static final int CHARGING = 1;
    private static final int STALLED = 1;
    private static final int REGULATING = 0;
    private static final int AT_LIMIT = 1;
    private static final int IDLE = 2;
    private static final int CAPPED = 3;
    private static final int CLAMPING = 1;
    private static final int TIGHT = 1;

    private final Netlist netlist;
    private final DeviceValues values;
    private final LinearSystem base;
    private final LinearSystem system;
    private final double[] baseRight;
    private final double[] right;
    private final double[] x;
    private final double[] residual;

    /** Resistance of each part in the condition at hand, in Ω. */
    private final double[] ohms;

    private final int[] partFrom;
    private final int[] partTo;
    /** Row of a part's own current, or −1. */
    private final int[] partRow;

    private final int[][] batteryNodes;
    private final int[][] starterNodes;
    private final int[][] solenoidNodes;
    private final int[][] alternatorNodes;
    private final int[][] loadNodes;
    private final int[][] pileNodes;

    private Condition condition;
    private boolean contactsClosed;
    private double largestAmps;
    private double imbalanceAmps;
    private final int[] solvedModes;

    ModeStep(Netlist netlist, DeviceValues values) {
        this.netlist = netlist;
        this.values = values;
        int parts = netlist.parts.length;
        ohms = new double[parts];
        partFrom = new int[parts];
        partTo = new int[parts];
        partRow = new int[parts];
        int rows = netlist.nodes + 1;
        for (int i = 0; i < parts; i++) {
            partFrom[i] = netlist.node(netlist.parts[i].from());
            partTo[i] = netlist.node(netlist.parts[i].to());
            double nominal = netlist.parts[i].resistance().healthyAt(20).nominalOhms();
            partRow[i] = nominal < CURRENT_UNKNOWN_BELOW_OHMS ? rows++ : -1;
        }
        batteryNodes = nodes(netlist.batteries);
        starterNodes = nodes(netlist.starters);
        solenoidNodes = nodes(netlist.solenoids);
        alternatorNodes = nodes(netlist.alternators);
        loadNodes = nodes(netlist.loads);
        pileNodes = nodes(netlist.piles);
        base = new LinearSystem(rows);
        system = new LinearSystem(rows);
        baseRight = new double[rows];
        right = new double[rows];
        x = new double[rows];
        residual = new double[rows];
        solvedModes = new int[modeCount()];
    }

    private int[][] nodes(app.dantro.core.circuit.Device[] devices) {
        return Arrays.stream(devices).map(d -> netlist.nodes(d.terminals())).toArray(int[][]::new);
    }

    /** Batteries, starters, regulators, clamps, piles, in this order. */
    int modeCount() {
        return batteryNodes.length + starterNodes.length + 2 * alternatorNodes.length + pileNodes.length;
    }

    /** The likely modes in a condition: where a solution from scratch begins. */
    void guess(Condition in, boolean closed, int[] modes) {
        int m = 0;
        for (int i = 0; i < batteryNodes.length; i++) {
            modes[m++] = in.running() ? CHARGING : 0;
        }
        for (int i = 0; i < starterNodes.length; i++) {
            modes[m++] = closed ? 0 : STALLED;
        }
        for (int i = 0; i < alternatorNodes.length; i++) {
            modes[m++] = in.running() ? REGULATING : IDLE;
        }
        Arrays.fill(modes, m, modes.length, 0);
    }

    /** How many combinations of modes there are; more than 2⁴⁰ count as 2⁴⁰. */
    long combinations() {
        int bits = batteryNodes.length + starterNodes.length + 3 * alternatorNodes.length + pileNodes.length;
        return 1L << Math.min(40, bits);
    }

    /** Writes the modes of one combination. */
    void combination(long number, int[] modes) {
        long rest = number;
        int regulators = batteryNodes.length + starterNodes.length;
        for (int i = 0; i < modes.length; i++) {
            int choices = i >= regulators && i < regulators + alternatorNodes.length ? 4 : 2;
            modes[i] = (int) (rest % choices);
            rest /= choices;
        }
    }

    /** Stamps all that does not depend on modes. */
    void begin(Condition in, boolean closed) {
        condition = in;
        contactsClosed = closed;
        base.clear();
        Arrays.fill(baseRight, 0);
        for (int i = 0; i < partFrom.length; i++) {
            ohms[i] = ohms(i);
            if (partRow[i] < 0) {
                conductance(base, partFrom[i], partTo[i], 1 / ohms[i]);
            } else {
                base.add(partFrom[i], partRow[i], 1);
                base.add(partTo[i], partRow[i], -1);
                base.add(partRow[i], partFrom[i], 1);
                base.add(partRow[i], partTo[i], -1);
                base.add(partRow[i], partRow[i], -ohms[i]);
            }
        }
        for (int i = 0; i < solenoidNodes.length; i++) {
            Solenoid.Coils coils = netlist.solenoids[i].coils();
            int[] at = solenoidNodes[i];
            conductance(base, at[0], at[1], 1 / coils.holdOhms());
            conductance(base, at[0], at[2], 1 / coils.pullInOhms());
        }
        for (int i = 0; i < loadNodes.length; i++) {
            conductance(base, loadNodes[i][0], loadNodes[i][1], values.loadSiemens(i, condition));
        }
    }

    /** Resistance of a part in the condition at hand, in Ω: open gates and contacts included. */
    private double ohms(int part) {
        boolean open = !netlist.parts[part].gate().closedIn(condition)
                || !contactsClosed && netlist.contacts.length > 0 && netlist.contacts[0] == part;
        return open ? 1 / Fault.OPEN_SIEMENS : values.ohms[part];
    }

    /** Solves with the devices in these modes; false if there is no finite solution. */
    boolean solve(int[] modes) {
        system.copy(base);
        System.arraycopy(baseRight, 0, right, 0, right.length);
        System.arraycopy(modes, 0, solvedModes, 0, modes.length);
        stampDevices(modes);
        // the reference's row: its potential is zero, and its balance follows from the others
        system.pin(netlist.nodes);
        right[netlist.nodes] = 0;
        if (!system.factor()) {
            return false;
        }
        System.arraycopy(right, 0, x, 0, x.length);
        system.solve(x);
        return balance(modes) || refined(modes);
    }

    private boolean refined(int[] modes) {
        for (int pass = 0; pass < 3; pass++) {
            residual[netlist.nodes] = 0;
            system.solve(residual);
            for (int i = 0; i < x.length; i++) {
                x[i] += residual[i];
            }
            if (balance(modes)) {
                return true;
            }
        }
        // out of balance, but its modes may lead on; a final solution is held against the bound once more
        return Double.isFinite(imbalanceAmps);
    }

    boolean balances() {
        return imbalanceAmps <= BALANCE_SHARE * Math.max(1, largestAmps);
    }

    Condition condition() {
        return condition;
    }

    double potential(int node) {
        return node == netlist.nodes ? 0 : x[node];
    }

    private void stampDevices(int[] modes) {
        int m = 0;
        for (int i = 0; i < batteryNodes.length; i++) {
            double ohms =
                    modes[m++] == CHARGING ? values.batteries[i].chargeOhms() : values.batteries[i].dischargeOhms();
            stamp(batteryNodes[i], 1 / ohms, -values.openCircuitVolts(i, condition) / ohms);
        }
        for (int i = 0; i < starterNodes.length; i++) {
            Motor motor = values.motors[i];
            if (modes[m++] == STALLED) {
                stamp(starterNodes[i], 1 / motor.ohms(), 0);
            } else {
                double d = determinant(motor);
                stamp(
                        starterNodes[i],
                        motor.dragNewtonMetreSeconds() / d,
                        motor.dragNewtonMetres() * motor.voltSecondsPerRadian() / d);
            }
        }
        for (int i = 0; i < alternatorNodes.length; i++) {
            stampAlternator(i, modes[m], modes[m + alternatorNodes.length]);
            m++;
        }
        m += alternatorNodes.length;
        for (int i = 0; i < pileNodes.length; i++) {
            if (modes[m++] == TIGHT) {
                stamp(pileNodes[i], pileAmps(i) > 0 ? 1 / netlist.piles[i].leastOhms() : 0, 0);
            } else {
                stamp(pileNodes[i], 0, pileAmps(i));
            }
        }
    }

    private void stampAlternator(int i, int mode, int clamp) {
        int[] at = alternatorNodes[i];
        Alternator alternator = netlist.alternators[i];
        double gm = alternator.regulation().siemens();
        switch (mode) {
            case REGULATING -> control(at, at[2], at[3], gm, values.outputs[i].setpointVolts());
            case CAPPED -> control(at, at[0], at[1], gm, alternator.rating().capVolts());
            case AT_LIMIT -> source(at, -values.limitAmps(i, condition));
            default -> {}
        }
        if (clamp == CLAMPING) {
            double ohms = alternator.rating().clampOhms();
            stamp(at, 1 / ohms, -alternator.rating().clampVolts() / ohms);
        }
    }

    /** Current {@code gm (volts − (Vp − Vm))} out of the first terminal. */
    private void control(int[] at, int plus, int minus, double gm, double volts) {
        system.add(at[0], plus, gm);
        system.add(at[0], minus, -gm);
        system.add(at[1], plus, -gm);
        system.add(at[1], minus, gm);
        source(at, -gm * volts);
    }

    private void stamp(int[] at, double siemens, double amps) {
        conductance(system, at[0], at[1], siemens);
        source(at, amps);
    }

    private void source(int[] at, double amps) {
        right[at[0]] -= amps;
        right[at[1]] += amps;
    }

    private static void conductance(LinearSystem into, int from, int to, double siemens) {
        into.add(from, from, siemens);
        into.add(to, to, siemens);
        into.add(from, to, -siemens);
        into.add(to, from, -siemens);
    }

    /** The modes that the solution speaks for are written into {@code modes}; true if they were the same already. */
    boolean modesAgree(int[] modes) {
        boolean agree = true;
        int m = 0;
        for (int i = 0; i < batteryNodes.length; i++) {
            double above = across(batteryNodes[i]) - values.openCircuitVolts(i, condition);
            agree &= settle(modes, m++, above > 0 ? CHARGING : 0, Math.abs(above) < AT_THE_BEND_VOLTS);
        }
        for (int i = 0; i < starterNodes.length; i++) {
            double above = across(starterNodes[i]) - stallVolts(values.motors[i]);
            agree &= settle(modes, m++, above > 0 ? 0 : STALLED, Math.abs(above) < AT_THE_BEND_VOLTS);
        }
        for (int i = 0; i < alternatorNodes.length; i++) {
            agree &= settle(modes, m++, alternatorMode(i), nearAlternatorBend(i, modes[m - 1]));
        }
        for (int i = 0; i < alternatorNodes.length; i++) {
            double above =
                    across(alternatorNodes[i]) - netlist.alternators[i].rating().clampVolts();
            agree &= settle(modes, m++, above > 0 ? CLAMPING : 0, Math.abs(above) < AT_THE_BEND_VOLTS);
        }
        for (int i = 0; i < pileNodes.length; i++) {
            double above = across(pileNodes[i]) - pileAmps(i) * netlist.piles[i].leastOhms();
            agree &= settle(modes, m++, above > 0 ? 0 : TIGHT, Math.abs(above) < AT_THE_BEND_VOLTS);
        }
        return agree;
    }

    private static boolean settle(int[] modes, int m, int mode, boolean either) {
        if (modes[m] == mode || either) {
            return true;
        }
        modes[m] = mode;
        return false;
    }

    private double regulatorAmps(int i) {
        int[] at = alternatorNodes[i];
        double sensed = potential(at[2]) - potential(at[3]);
        return netlist.alternators[i].regulation().siemens() * (values.outputs[i].setpointVolts() - sensed);
    }

    private double capAmps(int i) {
        double cap = netlist.alternators[i].rating().capVolts();
        return netlist.alternators[i].regulation().siemens() * (cap - across(alternatorNodes[i]));
    }

    private int alternatorMode(int i) {
        double limit = values.limitAmps(i, condition);
        double regulator = regulatorAmps(i);
        double cap = capAmps(i);
        double amps = Math.min(regulator, cap);
        if (limit == 0 || amps <= 0) {
            return IDLE;
        }
        if (amps >= limit) {
            return AT_LIMIT;
        }
        return regulator <= cap ? REGULATING : CAPPED;
    }

    /** True if the mode in use gives the same current as the one the solution asks for. */
    private boolean nearAlternatorBend(int i, int mode) {
        double limit = values.limitAmps(i, condition);
        double tolerance =
                AT_THE_BEND_VOLTS * netlist.alternators[i].regulation().siemens();
        double wanted = Math.max(0, Math.min(limit, Math.min(regulatorAmps(i), capAmps(i))));
        return Math.abs(alternatorAmps(i, mode) - wanted) < tolerance;
    }

    private double alternatorAmps(int i, int mode) {
        return switch (mode) {
            case REGULATING -> regulatorAmps(i);
            case CAPPED -> capAmps(i);
            case AT_LIMIT -> values.limitAmps(i, condition);
            default -> 0;
        };
    }

    private double pileAmps(int i) {
        return netlist.piles[i].amps().getOrDefault(condition, 0.0);
    }

    private double across(int[] at) {
        return potential(at[0]) - potential(at[1]);
    }

    private static double determinant(Motor motor) {
        return motor.voltSecondsPerRadian() * motor.voltSecondsPerRadian()
                + motor.ohms() * motor.dragNewtonMetreSeconds();
    }

    private static double stallVolts(Motor motor) {
        return motor.ohms() * motor.dragNewtonMetres() / motor.voltSecondsPerRadian();
    }

    private double partAmps(int i) {
        return partRow[i] < 0 ? (potential(partFrom[i]) - potential(partTo[i])) / ohms[i] : x[partRow[i]];
    }

    /** Sums the currents at every point by the members' own equations; true if the bound holds. */
    private boolean balance(int[] modes) {
        Arrays.fill(residual, 0);
        largestAmps = 0;
        for (int i = 0; i < partFrom.length; i++) {
            flows(partFrom[i], partTo[i], partAmps(i));
            if (partRow[i] >= 0) {
                residual[partRow[i]] = -(potential(partFrom[i]) - potential(partTo[i]) - ohms[i] * x[partRow[i]]);
            }
        }
        for (int i = 0; i < solenoidNodes.length; i++) {
            int[] at = solenoidNodes[i];
            Solenoid.Coils coils = netlist.solenoids[i].coils();
            flows(at[0], at[1], (potential(at[0]) - potential(at[1])) / coils.holdOhms());
            flows(at[0], at[2], (potential(at[0]) - potential(at[2])) / coils.pullInOhms());
        }
        for (int i = 0; i < loadNodes.length; i++) {
            flows(loadNodes[i], across(loadNodes[i]) * values.loadSiemens(i, condition));
        }
        deviceFlows(modes);
        imbalanceAmps = 0;
        for (int i = 0; i < netlist.nodes; i++) {
            imbalanceAmps = Math.max(imbalanceAmps, Math.abs(residual[i]));
            if (!(Math.abs(residual[i]) < Double.POSITIVE_INFINITY)) {
                imbalanceAmps = Double.NaN;
                return false;
            }
        }
        return imbalanceAmps <= 0.1 * BALANCE_SHARE * Math.max(1, largestAmps);
    }

    private void deviceFlows(int[] modes) {
        int m = 0;
        for (int i = 0; i < batteryNodes.length; i++) {
            flows(batteryNodes[i], -batteryAmps(i, modes[m++]));
        }
        for (int i = 0; i < starterNodes.length; i++) {
            flows(starterNodes[i], starterAmps(i, modes[m++]));
        }
        for (int i = 0; i < alternatorNodes.length; i++) {
            flows(alternatorNodes[i], clampAmps(i, modes[m + alternatorNodes.length]) - alternatorAmps(i, modes[m]));
            m++;
        }
        m += alternatorNodes.length;
        for (int i = 0; i < pileNodes.length; i++) {
            flows(pileNodes[i], pileFlow(i, modes[m++]));
        }
    }

    private double batteryAmps(int i, int mode) {
        double ohms = mode == CHARGING ? values.batteries[i].chargeOhms() : values.batteries[i].dischargeOhms();
        return (values.openCircuitVolts(i, condition) - across(batteryNodes[i])) / ohms;
    }

    private double starterAmps(int i, int mode) {
        Motor motor = values.motors[i];
        double volts = across(starterNodes[i]);
        return mode == STALLED
                ? volts / motor.ohms()
                : (motor.dragNewtonMetreSeconds() * volts + motor.dragNewtonMetres() * motor.voltSecondsPerRadian())
                        / determinant(motor);
    }

    private double clampAmps(int i, int mode) {
        Alternator.Rating rating = netlist.alternators[i].rating();
        return mode == CLAMPING ? (across(alternatorNodes[i]) - rating.clampVolts()) / rating.clampOhms() : 0;
    }

    private double pileFlow(int i, int mode) {
        if (mode == TIGHT) {
            return pileAmps(i) > 0 ? across(pileNodes[i]) / netlist.piles[i].leastOhms() : 0;
        }
        return pileAmps(i);
    }

    private void flows(int[] at, double amps) {
        flows(at[0], at[1], amps);
    }

    private void flows(int from, int to, double amps) {
        residual[from] -= amps;
        residual[to] += amps;
        largestAmps = Math.max(largestAmps, Math.abs(amps));
    }

    /** The operating point of the last solution, whose modes agreed. */
    OperatingPoint result(NetworkSolver.Plunger plunger, int iterations) {
        double[] partAmps = new double[partFrom.length];
        for (int i = 0; i < partAmps.length; i++) {
            partAmps[i] = partAmps(i);
        }
        Map<PartId, Double> deviceAmps = new HashMap<>();
        List<Limit> limits = new ArrayList<>();
        OperatingPoint.Turning turning = read(plunger, deviceAmps, limits);
        return new OperatingPoint(
                netlist,
                Arrays.copyOf(x, netlist.nodes),
                partAmps,
                deviceAmps,
                turning,
                List.copyOf(limits),
                new OperatingPoint.Convergence(iterations, imbalanceAmps));
    }

    private OperatingPoint.Turning read(
            NetworkSolver.Plunger plunger, Map<PartId, Double> deviceAmps, List<Limit> limits) {
        int[] modes = solvedModes;
        if (plunger == NetworkSolver.Plunger.NOT_ENGAGED) {
            limits.add(Limit.NOT_ENGAGED);
        } else if (plunger == NetworkSolver.Plunger.CHATTERS) {
            limits.add(Limit.CHATTERS);
        }
        int m = 0;
        for (int i = 0; i < batteryNodes.length; i++) {
            deviceAmps.put(netlist.batteries[i].id(), batteryAmps(i, modes[m++]));
        }
        double radiansPerSecond = 0;
        for (int i = 0; i < starterNodes.length; i++) {
            double amps = starterAmps(i, modes[m]);
            deviceAmps.put(netlist.starters[i].id(), amps);
            if (modes[m++] != STALLED) {
                Motor motor = values.motors[i];
                radiansPerSecond = (motor.voltSecondsPerRadian() * amps - motor.dragNewtonMetres())
                        / motor.dragNewtonMetreSeconds();
            } else if (condition.starterCalled() && limits.isEmpty()) {
                limits.add(Limit.STALLED);
            }
        }
        double rippleVolts = 0;
        for (int i = 0; i < alternatorNodes.length; i++) {
            double amps = alternatorAmps(i, modes[m]) - clampAmps(i, modes[m + alternatorNodes.length]);
            deviceAmps.put(netlist.alternators[i].id(), amps);
            rippleVolts = Math.max(rippleVolts, rippleVolts(i, amps));
            limitsOf(modes[m], modes[m + alternatorNodes.length], limits);
            m++;
        }
        m += alternatorNodes.length;
        for (int i = 0; i < pileNodes.length; i++) {
            deviceAmps.put(netlist.piles[i].id(), pileFlow(i, modes[m]));
            if (modes[m++] == TIGHT && pileAmps(i) > 0) {
                limits.add(Limit.PILE_AT_LIMIT);
            }
        }
        for (int i = 0; i < loadNodes.length; i++) {
            deviceAmps.put(netlist.loads[i].id(), across(loadNodes[i]) * values.loadSiemens(i, condition));
        }
        for (int i = 0; i < solenoidNodes.length; i++) {
            int[] at = solenoidNodes[i];
            Solenoid.Coils coils = netlist.solenoids[i].coils();
            deviceAmps.put(
                    netlist.solenoids[i].id(),
                    (potential(at[0]) - potential(at[1])) / coils.holdOhms()
                            + (potential(at[0]) - potential(at[2])) / coils.pullInOhms());
        }
        return new OperatingPoint.Turning(radiansPerSecond, rippleVolts);
    }

    private void limitsOf(int mode, int clamp, List<Limit> limits) {
        if (condition.running() && mode == AT_LIMIT) {
            limits.add(Limit.ALTERNATOR_AT_LIMIT);
        } else if (condition.running() && mode == IDLE) {
            limits.add(Limit.ALTERNATOR_IDLE);
        } else if (mode == CAPPED) {
            limits.add(Limit.OUTPUT_CAPPED);
        }
        if (clamp == CLAMPING) {
            limits.add(Limit.OVER_VOLTAGE_CLAMP);
        }
    }

    private double rippleVolts(int i, double amps) {
        if (!(amps > 0)) {
            return 0;
        }
        double rated = netlist.alternators[i].rating().maxAmps();
        return ASSUMED_RIPPLE_VOLTS * values.outputs[i].rippleFactor() * (ASSUMED_RIPPLE_OFFSET + amps / rated);
    }
}

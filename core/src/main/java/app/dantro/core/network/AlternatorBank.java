package app.dantro.core.network;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import java.util.Arrays;
import java.util.List;
import java.util.Map;

/**
 * Alternators: a regulator between nothing and the current limit, and over-voltage diodes across the output. With the
 * engine off a little leaks through, so that a stud behind an open way stands without volts.
 */
final class AlternatorBank extends DeviceBank {
    private static final int REGULATING = 0;
    private static final int AT_LIMIT = 1;
    private static final int IDLE = 2;
    private static final int CAPPED = 3;
    private static final int CLAMPING = 1;

    private final int count;

    AlternatorBank(Netlist netlist, Assembly assembly, DeviceValues values) {
        super(netlist, netlist.alternators, assembly, values);
        this.count = nodes.length;
    }

    /** Regulators first, then clamps. */
    @Override
    int[] choices() {
        int[] all = each(2 * count, 2);
        Arrays.fill(all, 0, count, 4);
        return all;
    }

    @Override
    void guess(Condition condition, boolean contactsClosed, int[] modes, int at) {
        for (int i = 0; i < count; i++) {
            modes[at + i] = condition.running() ? REGULATING : IDLE;
            modes[at + count + i] = 0;
        }
    }

    @Override
    void stamp(Condition condition, int[] modes, int at) {
        for (int i = 0; i < count; i++) {
            int[] n = nodes[i];
            assembly.member(n, leakSiemens(i, condition), 0);
            switch (modes[at + i]) {
                case REGULATING -> control(i, n[2], n[3], values.outputs[i].setpointVolts());
                case CAPPED ->
                    control(i, n[0], n[1], netlist.alternators[i].rating().capVolts());
                case AT_LIMIT -> assembly.source(n, -values.limitAmps(i, condition));
                default -> {}
            }
            if (modes[at + count + i] == CLAMPING) {
                Alternator.Rating rating = netlist.alternators[i].rating();
                assembly.member(n, 1 / rating.clampOhms(), -rating.clampVolts() / rating.clampOhms());
            }
        }
    }

    /** Current {@code gm (volts − (Vp − Vm))} out of the output. */
    private void control(int i, int plus, int minus, double volts) {
        double gm = siemens(i);
        int[] n = nodes[i];
        assembly.system().add(n[0], plus, gm);
        assembly.system().add(n[0], minus, -gm);
        assembly.system().add(n[1], plus, -gm);
        assembly.system().add(n[1], minus, gm);
        assembly.source(n, -gm * volts);
    }

    @Override
    boolean agree(Condition condition, int[] modes, int at) {
        boolean agree = true;
        for (int i = 0; i < count; i++) {
            agree &= settle(modes, at + i, mode(condition, i), nearBend(condition, i, modes[at + i]));
            double above =
                    assembly.across(nodes[i]) - netlist.alternators[i].rating().clampVolts();
            agree &= settle(modes, at + count + i, above > 0 ? CLAMPING : 0, Math.abs(above) < AT_THE_BEND_VOLTS);
        }
        return agree;
    }

    private int mode(Condition condition, int i) {
        double limit = values.limitAmps(i, condition);
        double regulated = regulatedAmps(i);
        double capped = cappedAmps(i);
        double amps = Math.min(regulated, capped);
        if (limit == 0 || amps <= 0) {
            return IDLE;
        }
        if (amps >= limit) {
            return AT_LIMIT;
        }
        return regulated <= capped ? REGULATING : CAPPED;
    }

    /** True if the mode in use gives the same current as the one the solution asks for. */
    private boolean nearBend(Condition condition, int i, int mode) {
        double limit = values.limitAmps(i, condition);
        double wanted = Math.max(0, Math.min(limit, Math.min(regulatedAmps(i), cappedAmps(i))));
        return Math.abs(amps(condition, i, mode) - wanted) < AT_THE_BEND_VOLTS * siemens(i);
    }

    @Override
    void flows(Condition condition, int[] modes, int at) {
        for (int i = 0; i < count; i++) {
            assembly.flow(nodes[i], -delivered(condition, i, modes, at));
        }
    }

    @Override
    void read(Condition condition, int[] modes, int at, Map<PartId, Double> amps, List<Limit> limits) {
        for (int i = 0; i < count; i++) {
            amps.put(netlist.alternators[i].id(), delivered(condition, i, modes, at));
            if (condition.running() && modes[at + i] == AT_LIMIT) {
                limits.add(Limit.ALTERNATOR_AT_LIMIT);
            } else if (condition.running() && modes[at + i] == IDLE) {
                limits.add(Limit.ALTERNATOR_IDLE);
            } else if (modes[at + i] == CAPPED) {
                limits.add(Limit.OUTPUT_CAPPED);
            }
            if (modes[at + count + i] == CLAMPING) {
                limits.add(Limit.OVER_VOLTAGE_CLAMP);
            }
        }
    }

    /** Largest AC ripple at a B+ stud, in V; 0 while nothing is delivered. */
    double rippleVolts(Condition condition, int[] modes, int at) {
        double most = 0;
        for (int i = 0; i < count; i++) {
            double amps = delivered(condition, i, modes, at);
            if (amps > 0) {
                double share = amps / netlist.alternators[i].rating().maxAmps();
                most = Math.max(
                        most,
                        Parameters.ASSUMED_RIPPLE_VOLTS
                                * values.outputs[i].rippleFactor()
                                * (Parameters.ASSUMED_RIPPLE_OFFSET + share));
            }
        }
        return most;
    }

    private double delivered(Condition condition, int i, int[] modes, int at) {
        Alternator.Rating rating = netlist.alternators[i].rating();
        double clamped = modes[at + count + i] == CLAMPING
                ? (assembly.across(nodes[i]) - rating.clampVolts()) / rating.clampOhms()
                : 0;
        return amps(condition, i, modes[at + i]) - clamped - leakSiemens(i, condition) * assembly.across(nodes[i]);
    }

    private double leakSiemens(int i, Condition condition) {
        return condition.running() ? 0 : leakSiemens(netlist.alternators[i].rating());
    }

    /** What leaks through a machine with the engine off, in S. */
    static double leakSiemens(Alternator.Rating rating) {
        return Parameters.ASSUMED_LEAK_AMPS / rating.clampVolts();
    }

    private double amps(Condition condition, int i, int mode) {
        return switch (mode) {
            case REGULATING -> regulatedAmps(i);
            case CAPPED -> cappedAmps(i);
            case AT_LIMIT -> values.limitAmps(i, condition);
            default -> 0;
        };
    }

    private double regulatedAmps(int i) {
        int[] n = nodes[i];
        double sensed = assembly.potential(n[2]) - assembly.potential(n[3]);
        return siemens(i) * (values.outputs[i].setpointVolts() - sensed);
    }

    private double cappedAmps(int i) {
        return siemens(i) * (netlist.alternators[i].rating().capVolts() - assembly.across(nodes[i]));
    }

    private double siemens(int i) {
        return netlist.alternators[i].regulation().siemens();
    }
}

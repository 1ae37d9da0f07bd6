package app.dantro.core.network;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.Starter.Motor;
import java.util.List;
import java.util.Map;

/** Starters: {@code i = (c v + T0 k) / D}, {@code D = k² + R c} while they turn, {@code i = v / R} while they do not. */
final class StarterBank extends DeviceBank {
    private static final int STALLED = 1;

    StarterBank(Netlist netlist, Assembly assembly, DeviceValues values) {
        super(netlist, netlist.starters, assembly, values);
    }

    @Override
    void guess(Condition condition, boolean contactsClosed, int[] modes, int at) {
        for (int i = 0; i < nodes.length; i++) {
            modes[at + i] = contactsClosed ? 0 : STALLED;
        }
    }

    @Override
    void stamp(Condition condition, int[] modes, int at) {
        for (int i = 0; i < nodes.length; i++) {
            Motor m = values.motors[i];
            if (modes[at + i] == STALLED) {
                assembly.member(nodes[i], 1 / m.ohms(), 0);
            } else {
                double d = determinant(m);
                assembly.member(
                        nodes[i], m.dragNewtonMetreSeconds() / d, m.dragNewtonMetres() * m.voltSecondsPerRadian() / d);
            }
        }
    }

    @Override
    boolean agree(Condition condition, int[] modes, int at) {
        boolean agree = true;
        for (int i = 0; i < nodes.length; i++) {
            Motor m = values.motors[i];
            double above = assembly.across(nodes[i]) - m.ohms() * m.dragNewtonMetres() / m.voltSecondsPerRadian();
            agree &= settle(modes, at + i, above > 0 ? 0 : STALLED, Math.abs(above) < AT_THE_BEND_VOLTS);
        }
        return agree;
    }

    @Override
    void flows(Condition condition, int[] modes, int at) {
        for (int i = 0; i < nodes.length; i++) {
            assembly.flow(nodes[i], drawn(i, modes[at + i]));
        }
    }

    @Override
    void read(Condition condition, int[] modes, int at, Map<PartId, Double> amps, List<Limit> limits) {
        for (int i = 0; i < nodes.length; i++) {
            amps.put(netlist.starters[i].id(), drawn(i, modes[at + i]));
            if (modes[at + i] == STALLED && condition.starterCalled() && limits.isEmpty()) {
                limits.add(Limit.STALLED);
            }
        }
    }

    /** Crankshaft speed in rad/s of the starter that turns; 0 if none does. */
    double radiansPerSecond(int[] modes, int at) {
        for (int i = 0; i < nodes.length; i++) {
            if (modes[at + i] != STALLED) {
                Motor m = values.motors[i];
                return (m.voltSecondsPerRadian() * drawn(i, modes[at + i]) - m.dragNewtonMetres())
                        / m.dragNewtonMetreSeconds();
            }
        }
        return 0;
    }

    private double drawn(int i, int mode) {
        Motor m = values.motors[i];
        double volts = assembly.across(nodes[i]);
        return mode == STALLED
                ? volts / m.ohms()
                : (m.dragNewtonMetreSeconds() * volts + m.dragNewtonMetres() * m.voltSecondsPerRadian())
                        / determinant(m);
    }

    private static double determinant(Motor m) {
        return m.voltSecondsPerRadian() * m.voltSecondsPerRadian() + m.ohms() * m.dragNewtonMetreSeconds();
    }
}

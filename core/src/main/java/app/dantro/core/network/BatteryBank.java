package app.dantro.core.network;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import java.util.List;
import java.util.Map;

/** Batteries: one slope while they deliver, a steeper one while they are charged. */
final class BatteryBank extends DeviceBank {
    private static final int CHARGING = 1;

    BatteryBank(Netlist netlist, Assembly assembly, DeviceValues values) {
        super(netlist, netlist.batteries, assembly, values);
    }

    @Override
    void guess(Condition condition, boolean contactsClosed, int[] modes, int at) {
        for (int i = 0; i < nodes.length; i++) {
            modes[at + i] = condition.running() ? CHARGING : 0;
        }
    }

    @Override
    void stamp(Condition condition, int[] modes, int at) {
        for (int i = 0; i < nodes.length; i++) {
            double ohms = ohms(i, modes[at + i]);
            assembly.member(nodes[i], 1 / ohms, -values.openCircuitVolts(i, condition) / ohms);
        }
    }

    @Override
    boolean agree(Condition condition, int[] modes, int at) {
        boolean agree = true;
        for (int i = 0; i < nodes.length; i++) {
            double above = assembly.across(nodes[i]) - values.openCircuitVolts(i, condition);
            agree &= settle(modes, at + i, above > 0 ? CHARGING : 0, Math.abs(above) < AT_THE_BEND_VOLTS);
        }
        return agree;
    }

    @Override
    void flows(Condition condition, int[] modes, int at) {
        for (int i = 0; i < nodes.length; i++) {
            assembly.flow(nodes[i], -delivered(condition, i, modes[at + i]));
        }
    }

    @Override
    void read(Condition condition, int[] modes, int at, Map<PartId, Double> amps, List<Limit> limits) {
        for (int i = 0; i < nodes.length; i++) {
            amps.put(netlist.batteries[i].id(), delivered(condition, i, modes[at + i]));
        }
    }

    /** Sum of the currents out of all + posts, in A. */
    double deliveredAmps(Condition condition, int[] modes, int at) {
        double sum = 0;
        for (int i = 0; i < nodes.length; i++) {
            sum += delivered(condition, i, modes[at + i]);
        }
        return sum;
    }

    /** Current out of the + post, in A. */
    private double delivered(Condition condition, int i, int mode) {
        return (values.openCircuitVolts(i, condition) - assembly.across(nodes[i])) / ohms(i, mode);
    }

    private double ohms(int i, int mode) {
        return mode == CHARGING ? values.batteries[i].chargeOhms() : values.batteries[i].dischargeOhms();
    }
}

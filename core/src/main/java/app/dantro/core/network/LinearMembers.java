package app.dantro.core.network;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.Solenoid;
import java.util.Map;
import java.util.stream.IntStream;

/** Wiring, coils and loads: what is linear in every condition. */
final class LinearMembers {
    /** Parts below this carry their current as an unknown: a difference of potentials would lose its digits. */
    private static final double CURRENT_UNKNOWN_BELOW_OHMS = 30e-6;

    private static final double NOMINAL_CELSIUS = 20;

    private final Netlist netlist;
    private final DeviceValues values;
    private final int[] from;
    private final int[] to;
    /** Row of a part's own current, or −1. */
    private final int[] row;
    /** Resistance of each part in the condition at hand, in Ω. */
    private final double[] ohms;
    /** Conductance of each load in it, in S. */
    private final double[] siemens;

    private final int[][] solenoidNodes;
    private final int[][] loadNodes;
    private final int rows;
    private Condition condition;
    private Assembly assembly;

    LinearMembers(Netlist netlist, DeviceValues values) {
        this.netlist = netlist;
        this.values = values;
        int parts = netlist.parts.length;
        from = new int[parts];
        to = new int[parts];
        row = new int[parts];
        ohms = new double[parts];
        int next = netlist.nodes + 1;
        for (int i = 0; i < parts; i++) {
            from[i] = netlist.node(netlist.parts[i].from());
            to[i] = netlist.node(netlist.parts[i].to());
            double nominal =
                    netlist.parts[i].resistance().healthyAt(NOMINAL_CELSIUS).nominalOhms();
            row[i] = nominal < CURRENT_UNKNOWN_BELOW_OHMS ? next++ : -1;
        }
        rows = next;
        solenoidNodes = netlist.nodesOf(netlist.solenoids);
        loadNodes = netlist.nodesOf(netlist.loads);
        siemens = new double[loadNodes.length];
    }

    /** Potentials, reference and extra unknowns together. */
    int rows() {
        return rows;
    }

    /** Writes everything linear into the equations of one condition. */
    void stamp(Assembly into, Condition in, boolean contactsClosed) {
        assembly = into;
        take(in, contactsClosed);
        LinearSystem linear = into.beginLinear();
        for (int i = 0; i < from.length; i++) {
            if (row[i] < 0) {
                Assembly.conductance(linear, from[i], to[i], 1 / ohms[i]);
            } else {
                linear.add(from[i], row[i], 1);
                linear.add(to[i], row[i], -1);
                linear.add(row[i], from[i], 1);
                linear.add(row[i], to[i], -1);
                linear.add(row[i], row[i], -ohms[i]);
            }
        }
        for (int i = 0; i < solenoidNodes.length; i++) {
            Solenoid.Coils coils = netlist.solenoids[i].coils();
            int[] at = solenoidNodes[i];
            Assembly.conductance(linear, at[0], at[1], 1 / coils.holdOhms());
            Assembly.conductance(linear, at[0], at[2], 1 / coils.pullInOhms());
        }
        for (int i = 0; i < loadNodes.length; i++) {
            Assembly.conductance(linear, loadNodes[i][0], loadNodes[i][1], siemens[i]);
        }
    }

    /** Takes over the members' present numbers for their currents; the equations stay as they are. */
    void take(Condition in, boolean contactsClosed) {
        condition = in;
        for (int i = 0; i < from.length; i++) {
            ohms[i] = ohms(i, contactsClosed);
        }
        for (int i = 0; i < siemens.length; i++) {
            siemens[i] = values.loadSiemens(i, in);
        }
    }

    /** Enters the members' currents into the balance. */
    void flows() {
        for (int i = 0; i < from.length; i++) {
            assembly.flow(from[i], to[i], amps(i));
            if (row[i] >= 0) {
                assembly.leftOver(row[i], ohms[i] * assembly.unknown(row[i]) - volts(i));
            }
        }
        for (int i = 0; i < solenoidNodes.length; i++) {
            int[] at = solenoidNodes[i];
            assembly.flow(at[0], at[1], holdAmps(i));
            assembly.flow(at[0], at[2], pullInAmps(i));
        }
        for (int i = 0; i < loadNodes.length; i++) {
            assembly.flow(loadNodes[i], loadAmps(i));
        }
    }

    /** Current through each wiring part, in its own direction, in A. */
    double[] partAmps() {
        return IntStream.range(0, from.length).mapToDouble(this::amps).toArray();
    }

    /** Writes the currents of loads and coils. */
    void read(Map<PartId, Double> amps) {
        for (int i = 0; i < loadNodes.length; i++) {
            amps.put(netlist.loads[i].id(), loadAmps(i));
        }
        for (int i = 0; i < solenoidNodes.length; i++) {
            amps.put(netlist.solenoids[i].id(), holdAmps(i) + pullInAmps(i));
        }
    }

    /** Open gates and contacts have the resistance of whatever is open. */
    private double ohms(int part, boolean contactsClosed) {
        boolean open = !netlist.parts[part].gate().closedIn(condition)
                || !contactsClosed && netlist.contacts.length > 0 && netlist.contacts[0] == part;
        return open ? 1 / Fault.OPEN_SIEMENS : values.ohms[part];
    }

    private double volts(int part) {
        return assembly.potential(from[part]) - assembly.potential(to[part]);
    }

    /** Current through one wiring part, in its own direction, in A. */
    double amps(int part) {
        return row[part] < 0 ? volts(part) / ohms[part] : assembly.unknown(row[part]);
    }

    private double loadAmps(int i) {
        return assembly.across(loadNodes[i]) * siemens[i];
    }

    private double holdAmps(int i) {
        int[] at = solenoidNodes[i];
        return (assembly.potential(at[0]) - assembly.potential(at[1]))
                / netlist.solenoids[i].coils().holdOhms();
    }

    private double pullInAmps(int i) {
        int[] at = solenoidNodes[i];
        return (assembly.potential(at[0]) - assembly.potential(at[2]))
                / netlist.solenoids[i].coils().pullInOhms();
    }
}

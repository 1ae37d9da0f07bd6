package app.dantro.core.network;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Device;
import app.dantro.core.circuit.PartId;
import java.util.Arrays;
import java.util.List;
import java.util.Map;

/**
 * All devices of one kind. Each is in one of a few modes, in which it is linear; a bank writes its devices into the
 * equations in their modes, says which modes a solution speaks for, and what its devices carry.
 */
abstract class DeviceBank {
    /** A device this near the bend between two modes, in V, may be in either. */
    static final double AT_THE_BEND_VOLTS = 1e-10;

    final Netlist netlist;
    final Assembly assembly;
    final DeviceValues values;
    /** The terminals of each device, numbered. */
    final int[][] nodes;

    DeviceBank(Netlist netlist, Device[] devices, Assembly assembly, DeviceValues values) {
        this.netlist = netlist;
        this.assembly = assembly;
        this.values = values;
        this.nodes = netlist.nodesOf(devices);
    }

    /** For each mode of the bank, how many there are to choose from. */
    int[] choices() {
        return each(nodes.length, 2);
    }

    /** Writes the likely modes, from where a solution from scratch begins. */
    abstract void guess(Condition condition, boolean contactsClosed, int[] modes, int at);

    /** Writes the devices into the equations. */
    abstract void stamp(Condition condition, int[] modes, int at);

    /** Writes the modes that the solution speaks for; true if they were the same already. */
    abstract boolean agree(Condition condition, int[] modes, int at);

    /** Enters the devices' currents into the balance. */
    abstract void flows(Condition condition, int[] modes, int at);

    /** Writes each device's current, and what held it back. */
    abstract void read(Condition condition, int[] modes, int at, Map<PartId, Double> amps, List<Limit> limits);

    /** Sets a mode; true if it was set already, or either would do. */
    static boolean settle(int[] modes, int at, int mode, boolean either) {
        if (modes[at] == mode || either) {
            return true;
        }
        modes[at] = mode;
        return false;
    }

    static int[] each(int devices, int choices) {
        int[] all = new int[devices];
        Arrays.fill(all, choices);
        return all;
    }
}

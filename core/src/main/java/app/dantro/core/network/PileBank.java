package app.dantro.core.network;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import java.util.List;
import java.util.Map;

/** Carbon piles: the current they are set to, or what they pass screwed tight. */
final class PileBank extends DeviceBank {
    private static final int TIGHT = 1;

    PileBank(Netlist netlist, Assembly assembly, DeviceValues values) {
        super(netlist, netlist.piles, assembly, values);
    }

    @Override
    void guess(Condition condition, boolean contactsClosed, int[] modes, int at) {
        for (int i = 0; i < nodes.length; i++) {
            modes[at + i] = 0;
        }
    }

    @Override
    void stamp(Condition condition, int[] modes, int at) {
        for (int i = 0; i < nodes.length; i++) {
            double set = setAmps(condition, i);
            if (set > 0 && modes[at + i] == TIGHT) {
                assembly.member(nodes[i], 1 / netlist.piles[i].leastOhms(), 0);
            } else {
                assembly.source(nodes[i], set);
            }
        }
    }

    @Override
    boolean agree(Condition condition, int[] modes, int at) {
        boolean agree = true;
        for (int i = 0; i < nodes.length; i++) {
            double set = setAmps(condition, i);
            double above = assembly.across(nodes[i]) - set * netlist.piles[i].leastOhms();
            boolean either = set == 0 || Math.abs(above) < AT_THE_BEND_VOLTS;
            agree &= settle(modes, at + i, above > 0 ? 0 : TIGHT, either);
        }
        return agree;
    }

    @Override
    void flows(Condition condition, int[] modes, int at) {
        for (int i = 0; i < nodes.length; i++) {
            assembly.flow(nodes[i], drawn(condition, i, modes[at + i]));
        }
    }

    @Override
    void read(Condition condition, int[] modes, int at, Map<PartId, Double> amps, List<Limit> limits) {
        for (int i = 0; i < nodes.length; i++) {
            amps.put(netlist.piles[i].id(), drawn(condition, i, modes[at + i]));
            if (modes[at + i] == TIGHT && setAmps(condition, i) > 0) {
                limits.add(Limit.PILE_AT_LIMIT);
            }
        }
    }

    private double drawn(Condition condition, int i, int mode) {
        double set = setAmps(condition, i);
        return set > 0 && mode == TIGHT ? assembly.across(nodes[i]) / netlist.piles[i].leastOhms() : set;
    }

    private double setAmps(Condition condition, int i) {
        return netlist.piles[i].amps().getOrDefault(condition, 0.0);
    }
}

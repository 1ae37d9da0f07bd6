package app.dantro.core.inference;

import app.dantro.core.circuit.PartId;
import app.dantro.core.network.Fault;
import java.util.ArrayList;
import java.util.List;

/**
 * A hypothesis together with the readings it takes for slips.
 *
 * @param first number of a single fault, 0 for the healthy vehicle
 * @param second number of the other fault of a pair, −1 for none
 * @param slips bit i is set if observation i is taken for a slip
 * @param probability its share of all explanations
 */
public record Explanation(int first, int second, long slips, double probability) {

    /** The parts it calls bad; none for a healthy vehicle. */
    public List<PartId> parts(PreparedCircuit prepared) {
        return faults(prepared).stream().map(Fault::part).distinct().toList();
    }

    public List<Fault> faults(PreparedCircuit prepared) {
        List<Fault> all = new ArrayList<>(prepared.hypotheses().get(first).faults());
        if (second >= 0) {
            all.addAll(prepared.hypotheses().get(second).faults());
        }
        return all;
    }

    public boolean slipped(int observation) {
        return (slips >> observation & 1) != 0;
    }
}

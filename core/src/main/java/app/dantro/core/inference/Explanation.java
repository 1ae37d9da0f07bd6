package app.dantro.core.inference;

import app.dantro.core.circuit.PartId;
import app.dantro.core.network.Fault;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;

/** A hypothesis, or a pair of them, together with the readings it takes for slips. */
public final class Explanation {
    /** Number of no hypothesis, inside this package. */
    static final int NONE = -1;

    private final int first;
    private final int second;
    private final Slips slips;
    private final double probability;

    /**
     * @param first number of a single fault, 0 for the healthy vehicle
     * @param second number of the other fault of a pair, or {@link #NONE}
     * @param probability its share of all explanations
     */
    Explanation(int first, int second, Slips slips, double probability) {
        this.first = first;
        this.second = second;
        this.slips = slips;
        this.probability = probability;
    }

    /** Its share of all explanations. */
    public double probability() {
        return probability;
    }

    /** True if nothing is wrong but perhaps some readings. */
    public boolean healthy() {
        return first == 0 && second < 0;
    }

    /** True if two faults together explain the readings. */
    public boolean pair() {
        return second >= 0;
    }

    /** The parts it calls bad; none for a healthy vehicle. */
    public List<PartId> parts(PreparedCircuit prepared) {
        return faults(prepared).stream().map(Fault::part).distinct().toList();
    }

    public List<Fault> faults(PreparedCircuit prepared) {
        List<Fault> all = new ArrayList<>(prepared.hypotheses().get(first).faults());
        if (pair()) {
            all.addAll(prepared.hypotheses().get(second).faults());
        }
        return all;
    }

    public boolean slipped(int observation) {
        return slips.contains(observation);
    }

    /** True if it takes any reading for a slip. */
    public boolean slipped() {
        return slips.count() > 0;
    }

    int first() {
        return first;
    }

    int second() {
        return second;
    }

    Slips slips() {
        return slips;
    }

    /** Which of its hypotheses calls a part bad: the second one's number if that does, else the first one's. */
    OptionalInt calling(PreparedCircuit prepared, PartId part) {
        if (callsSecond(prepared, part)) {
            return OptionalInt.of(second);
        }
        return prepared.hypotheses().get(first).parts().contains(part) ? OptionalInt.of(first) : OptionalInt.empty();
    }

    boolean callsSecond(PreparedCircuit prepared, PartId part) {
        return pair() && prepared.hypotheses().get(second).parts().contains(part);
    }

    /** The same without the hypotheses that call a part bad. */
    Explanation without(PreparedCircuit prepared, PartId part) {
        boolean firstGoes =
                first > 0 && prepared.hypotheses().get(first).parts().contains(part);
        boolean secondGoes = callsSecond(prepared, part);
        int left = firstGoes ? (pair() && !secondGoes ? second : 0) : first;
        return new Explanation(left, firstGoes || secondGoes ? NONE : second, slips, probability);
    }
}

package app.dantro.core.network;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Part;

/**
 * The conductances of a circuit's wiring as a matrix in the order of its netlist, and the program's own elimination on it;
 * in the room of what it measures, which shows itself to nobody else.
 */
public final class NetworkMatrix {
    /** Keeps nodes that hang on open parts from floating, in S. */
    private static final double LEAK_SIEMENS = 1e-3;

    private final int size;
    private final double[] entries;
    private final LinearSystem filled;
    private final LinearSystem working;

    public NetworkMatrix(Circuit circuit, double celsius) {
        Netlist netlist = new Netlist(circuit);
        this.size = netlist.nodes;
        this.entries = new double[size * size];
        for (int i = 0; i < size; i++) {
            entries[i * size + i] = LEAK_SIEMENS;
        }
        for (Part part : circuit.parts()) {
            double siemens = 1 / part.resistance().healthyAt(celsius).nominalOhms();
            int from = netlist.node(part.from());
            int to = netlist.node(part.to());
            stamp(from, from, siemens);
            stamp(to, to, siemens);
            stamp(from, to, -siemens);
            stamp(to, from, -siemens);
        }
        this.filled = new LinearSystem(size);
        this.working = new LinearSystem(size);
        for (int i = 0; i < size * size; i++) {
            filled.add(i / size, i % size, entries[i]);
        }
    }

    private void stamp(int row, int column, double siemens) {
        if (row < size && column < size) {
            entries[row * size + column] += siemens;
        }
    }

    public int size() {
        return size;
    }

    /** Row after row, a copy. */
    public double[] entries() {
        return entries.clone();
    }

    /** Factors the matrix anew and solves for one right side, which is replaced by the solution. */
    public void solve(double[] rightSide) {
        working.copy(filled);
        if (!working.factor()) {
            throw new IllegalStateException("A pivot vanished.");
        }
        working.solve(rightSide);
    }
}

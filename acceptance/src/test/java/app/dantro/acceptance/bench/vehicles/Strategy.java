package app.dantro.acceptance.bench.vehicles;

import app.dantro.core.inference.PreparedCircuit;

/** A way of working, from the first reading to the first call. */
interface Strategy {
    String words();

    Call work(Job job, PreparedCircuit prepared);
}

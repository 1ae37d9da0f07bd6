/**
 * Vehicles with hidden faults, and how well and how fast each way of working finds them. The worlds know the circuits and
 * the solver, never the judgement.
 */
package app.dantro.acceptance.bench.vehicles;

package app.dantro.core.planning;

import app.dantro.core.inference.Observable;

/**
 * A measurement with what it is worth.
 *
 * @param bits information about the name of the fault
 * @param cost effort, see {@link Cost}
 */
public record Proposal(Observable what, double bits, double cost, double worth) {}

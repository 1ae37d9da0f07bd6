package app.dantro.core.world;

import app.dantro.core.network.Fault;

/**
 * Something that is wrong with a vehicle.
 *
 * @param follows true if it is only what another fault led to: a battery flat because nothing charged it
 */
public record Ill(Fault fault, boolean follows) {}

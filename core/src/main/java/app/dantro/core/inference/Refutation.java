package app.dantro.core.inference;

import java.util.OptionalInt;

/**
 * Evidence against a part being bad.
 *
 * @param nats loss of log-likelihood; 4.5 is as much as three standard deviations
 * @param observation number of the observation that speaks loudest; empty if none speaks
 */
public record Refutation(double nats, OptionalInt observation) {}

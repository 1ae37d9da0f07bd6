/**
 * Slips at entry: what is odd about a reading before it counts, and the answers that settle it. Start at {@link
 * app.dantro.core.slip.SlipRules}; each kind of slip has a rule of its own. Must not know a probability or a standing.
 */
package app.dantro.core.slip;

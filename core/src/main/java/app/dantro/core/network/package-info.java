/**
 * Operating point of a circuit. Start at {@link app.dantro.core.network.NetworkSolver}. Knows {@code circuit} only;
 * never readings or limits.
 */
package app.dantro.core.network;

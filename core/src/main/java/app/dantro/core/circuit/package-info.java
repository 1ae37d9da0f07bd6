/**
 * Probe points, parts and the loop they form. Start at {@link app.dantro.core.circuit.Circuit} and {@link
 * app.dantro.core.circuit.SeriesLoop}. Must not know readings, limits or what is usual for a class.
 */
package app.dantro.core.circuit;

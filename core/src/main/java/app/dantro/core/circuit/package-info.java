/**
 * Probe points, parts and the loop they form; ready-made circuits. Start at {@link
 * app.dantro.core.circuit.SeriesLoop} and {@link app.dantro.core.circuit.ReadyMadeCircuits}. Imports nothing but the
 * JDK.
 */
package app.dantro.core.circuit;

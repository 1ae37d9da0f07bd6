/**
 * Probe points, parts and the loop they form. Start at {@link app.dantro.core.circuit.Circuit} and {@link
 * app.dantro.core.circuit.SeriesLoop}. Imports nothing but the JDK.
 */
package app.dantro.core.circuit;

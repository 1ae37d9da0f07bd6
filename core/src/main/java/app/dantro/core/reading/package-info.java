/**
 * What an instrument showed, with all that gives it a meaning: pair of points, condition, current, error. Start at {@link
 * app.dantro.core.reading.Reading} and {@link app.dantro.core.reading.Readings}. Knows {@code circuit} and {@code quantity}
 * only. Must not know what follows from a reading.
 */
package app.dantro.core.reading;

/**
 * A reading, what a meter can show, and the slips people make. Start at {@link app.dantro.core.reading.Reading} and
 * {@link app.dantro.core.reading.SlipCheck}. Knows {@code circuit} only.
 */
package app.dantro.core.reading;

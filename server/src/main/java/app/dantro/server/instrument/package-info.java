/** Instruments. The simulated meter ships; it only shows a display, saving goes through the readings' own door. Start at {@link app.dantro.server.instrument.MeterController}. Must not know what the judgement thinks of a reading. */
package app.dantro.server.instrument;

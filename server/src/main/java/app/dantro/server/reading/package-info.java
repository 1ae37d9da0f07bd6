/** One way in for readings: typed, simulated or imported, all through the same checks. Start at {@link app.dantro.server.reading.ReadingController}. Must not know other doors. */
package app.dantro.server.reading;

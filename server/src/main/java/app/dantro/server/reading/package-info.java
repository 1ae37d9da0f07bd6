/** One way in for readings: typed, simulated or imported, all through the same checks. */
package app.dantro.server.reading;

/** Instruments. The simulated meter ships; it only shows a display, saving goes through the readings' own door. */
package app.dantro.server.instrument;

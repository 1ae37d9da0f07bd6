/**
 * The workshop's memory: what Bay and log show of every case, worked out beside the work and kept. Start at {@link
 * app.dantro.server.log.CaseLines}. Judges nothing by itself.
 */
package app.dantro.server.log;

/**
 * What follows from a stored case, worked out once for each state of its record and kept: start at {@link
 * app.dantro.server.assess.Assessments}. Must not know the wire.
 */
package app.dantro.server.assess;

/**
 * The order of work from complaint to verified repair. Start at {@link app.dantro.core.procedure.StartingProcedure}.
 * Top of the core's arrows.
 */
package app.dantro.core.procedure;

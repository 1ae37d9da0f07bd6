/**
 * The order of work from complaint to verified repair. Start at {@link app.dantro.core.procedure.OrderOfWork},
 * the one pass. Top of the core's arrows; must not know who shows it.
 */
package app.dantro.core.procedure;

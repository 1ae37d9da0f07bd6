/**
 * Numbers with their units, how they are spoken, and reasons that carry them. Start at {@link
 * app.dantro.core.quantity.Reason} and {@link app.dantro.core.quantity.Amount}. Imports nothing but the JDK. Must not know circuits.
 */
package app.dantro.core.quantity;

/**
 * The rules of the starting loop: what batteries, wiring and starter are by their drops alone. Start at {@link
 * app.dantro.core.starting.StartingRules}. Must not know a probability, nor the charging side.
 */
package app.dantro.core.starting;

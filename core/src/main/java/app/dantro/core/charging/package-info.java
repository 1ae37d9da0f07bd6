/**
 * The charging side: feed check, grounds as a tree, output step by step, loaded drops, what shows an alternator
 * good. Start at {@link app.dantro.core.charging.FeedCheck} and {@link app.dantro.core.charging.GroundTree}. Must
 * not know a probability, nor the order of work. Must not know a probability.
 */
package app.dantro.core.charging;

/**
 * How likely each fault is, given any set of readings: hypotheses, what instruments would show under each of them, and
 * the posterior. Start at {@link app.dantro.core.inference.Posterior}. Knows {@code circuit}, {@code network} and
 * {@code reading}; never the record, a limit or a sentence (docs/decisions/0010).
 */
package app.dantro.core.inference;

/**
 * What follows from readings by physics alone, without any probability: the answer to each drop, what a drop
 * certifies, sums around a loop that do not close, several cranks together. Start at {@link
 * app.dantro.core.fact.Facts}. Must not know {@code inference}, nor say which part is faulty.
 */
package app.dantro.core.fact;

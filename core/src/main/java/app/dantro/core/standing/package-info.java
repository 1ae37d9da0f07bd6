/**
 * Which part is cleared, suspect or faulty: the rules of both sides weighed against the probabilities, in one
 * ordered table; what is doubted; what a repair would change. Start at {@link
 * app.dantro.core.standing.Standings}. Must not know which reading comes next (docs/decisions/0010).
 */
package app.dantro.core.standing;

/** Errors on the wire: problem+json with a code, the fields and the fix. Start at {@link app.dantro.server.problem.ProblemAdvice}. Must not know any feature. */
package app.dantro.server.problem;

/**
 * Plain values of a result: where each part stands, why, what is doubted. Nothing is worked out here. Start at
 * {@link app.dantro.core.finding.Findings}. Must not import a rule, a planner or a procedure.
 */
package app.dantro.core.finding;

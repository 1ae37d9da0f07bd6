/**
 * What happened on one case and nothing else: readings with their state, repairs, tests of the complaint, what was
 * said and seen. Start at {@link app.dantro.core.record.CaseRecord}. Must not know a limit, a probability or a
 * standing.
 */
package app.dantro.core.record;

/**
 * Cases: their records and events in SQLite, and what is shown of them. Start at {@link
 * app.dantro.server.job.CaseFiles}. The feature packages depend on this one, never the reverse.
 */
package app.dantro.server.job;

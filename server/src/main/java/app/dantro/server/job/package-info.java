/**
 * Cases: list, open, show. Start at {@link app.dantro.server.job.Cases}; every other feature reaches a case through it.
 * Must not know any other feature.
 */
package app.dantro.server.job;

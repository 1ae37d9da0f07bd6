/**
 * The readings against every school's limits side by side, and the run sheet over several vehicles. Start at
 * {@link app.dantro.core.schools.SchoolTable}. Says what schools say; must not change a standing.
 */
package app.dantro.core.schools;

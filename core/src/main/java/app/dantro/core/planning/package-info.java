/** Which measurement next. Start at {@link app.dantro.core.planning.Planner}. Never imports procedure. */
package app.dantro.core.planning;

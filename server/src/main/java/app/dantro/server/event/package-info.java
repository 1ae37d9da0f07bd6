/** Repairs, complaint tests and strikes. Start at {@link app.dantro.server.event.EventController}. Must not know other doors. */
package app.dantro.server.event;

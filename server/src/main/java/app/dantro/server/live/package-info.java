/** Tells other screens on a case that something changed. Start at {@link app.dantro.server.live.CaseEvents}. Must not know what changed: it only says that something did. */
package app.dantro.server.live;

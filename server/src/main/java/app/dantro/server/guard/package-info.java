/** What is let in at all: this machine's own pages, JSON, bodies of a sensible size. Start at {@link app.dantro.server.guard.RequestGuard}. Must not know cases. */
package app.dantro.server.guard;

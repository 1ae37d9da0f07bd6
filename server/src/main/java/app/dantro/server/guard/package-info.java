/** What is let in at all: this machine's own pages, JSON, bodies of a sensible size. */
package app.dantro.server.guard;

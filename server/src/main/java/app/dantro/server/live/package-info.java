/** Tells other screens on a case that something changed. */
package app.dantro.server.live;

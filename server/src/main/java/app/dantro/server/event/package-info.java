/** Repairs, complaint tests and strikes. */
package app.dantro.server.event;

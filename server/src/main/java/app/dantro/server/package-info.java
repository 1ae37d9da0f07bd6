/** The Spring Boot application around the core. Start at {@link app.dantro.server.DantroServer}. */
package app.dantro.server;

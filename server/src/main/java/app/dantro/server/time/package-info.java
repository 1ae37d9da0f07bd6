/** Time that only passes. Start at {@link app.dantro.server.time.SteadyClock}. Must not know what it is measured for. */
package app.dantro.server.time;

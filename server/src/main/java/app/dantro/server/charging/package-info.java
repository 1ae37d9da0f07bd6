/** The charging side of one case at a glance: feed check, loads, ground tree, current, cold and warm. Start at {@link app.dantro.server.charging.ChargingController}. Must not judge anything: it shows what the core worked out. */
package app.dantro.server.charging;

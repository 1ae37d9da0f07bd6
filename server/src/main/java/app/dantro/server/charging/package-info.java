/** The charging side of one case at a glance: feed check, loads, ground tree, current, cold and warm. */
package app.dantro.server.charging;

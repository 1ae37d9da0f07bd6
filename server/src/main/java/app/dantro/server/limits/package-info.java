/**
 * What the shop has decided for itself: which school it follows, and its own sets. Start at {@link
 * app.dantro.server.limits.LimitsController}. Must not know other features.
 */
package app.dantro.server.limits;

/**
 * What the readings of many visits say of a vehicle's joints and cables. Start at {@link
 * app.dantro.core.history.Measured}. Judges no part: it only draws what was measured.
 */
package app.dantro.core.history;

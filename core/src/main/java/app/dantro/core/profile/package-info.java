/**
 * Where the volts go along a loop, for drawing: steps as read, the others estimated. It draws and does not judge.
 * Start at {@link app.dantro.core.profile.StartingProfile} and {@link app.dantro.core.profile.ChargingProfile}.
 * Must not change a standing or choose a step.
 */
package app.dantro.core.profile;

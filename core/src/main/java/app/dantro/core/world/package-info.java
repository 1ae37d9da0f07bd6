/**
 * Vehicles as they stand in a workshop's yard, drawn from what healthy ones show (docs/everyday.md, ranges) and what goes
 * wrong with them. Start at {@link app.dantro.core.world.EverydayWorld}. It knows nothing of how the program judges, nor of
 * the spreads it judges by: it is what that judgement is tried on.
 */
package app.dantro.core.world;

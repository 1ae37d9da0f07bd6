/**
 * What circuits are made of before a vehicle is known: classes of vehicles, layouts and wordings, put together as
 * ready-made circuits. Start at {@link app.dantro.core.kit.ReadyMadeCircuits}. Knows {@code circuit} only; nothing
 * here measures, judges or solves. Must not know readings.
 */
package app.dantro.core.kit;

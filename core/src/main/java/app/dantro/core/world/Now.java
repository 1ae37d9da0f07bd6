package app.dantro.core.world;

import app.dantro.core.circuit.Battery.Source;
import app.dantro.core.circuit.Condition;

/**
 * What holds at one moment only.
 *
 * @param source of a block that is not flat
 * @param flat of a block that is, if one is
 * @param setVolts what is regulated to, a block
 * @param amps drawn by consumers, in A
 * @param drag factor on the torque that turns the engine
 */
record Now(Condition condition, int minute, Source source, Source flat, double setVolts, double amps, double drag) {
    private static final double RUNNING_VOLTS = 13.5;
    private static final double STANDING_VOLTS = 12.4;

    /** Conductance of what is drawn, in S, for a number of blocks in series. */
    double siemens(int blocks) {
        return amps / (blocks * (condition.running() ? RUNNING_VOLTS : STANDING_VOLTS));
    }
}

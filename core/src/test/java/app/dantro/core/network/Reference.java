package app.dantro.core.network;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.Sensing;
import app.dantro.core.kit.ReadyMadeCircuits;

/** The vehicles of the reference table. */
abstract class Reference {
    /** The tables are asked for within 2 % or 10 mV. */
    static final double SHARE = 0.02;

    static final double VOLTS = 0.010;

    static final PartId STARTER = PartId.of("starter");

    final Vehicles car = new Vehicles(ReadyMadeCircuits.reference("reference-car", Sensing.INTERNAL));

    static void close(double value, double expected) {
        assertThat(value).isCloseTo(expected, within(Math.max(VOLTS, SHARE * expected)));
    }
}

package app.dantro.core.world;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.PartId;
import java.util.Map;
import java.util.Set;

/**
 * One vehicle's own numbers as it was built and has aged, nothing broken; SI units, a block of 12 V, 20 °C.
 *
 * @param circuit the ready-made circuit that a technician would pick for it
 * @param ohms of each wiring part
 */
record Build(
        VehicleKind kind,
        Circuit circuit,
        double celsius,
        Cell cell,
        Engine engine,
        Machine machine,
        Draws draws,
        Map<PartId, Double> ohms,
        Set<Effect> effects,
        PartId heating) {

    /** A block of the battery: V at rest, Ω, Ah. */
    record Cell(String chemistry, double openVolts, double ohms, double ampHours) {
        static final String LITHIUM = "lithium";

        boolean lithium() {
            return chemistry.equals(LITHIUM);
        }
    }

    /**
     * @param amps what its starter draws, settled
     * @param constant factor on the motor's constant
     * @param armature factor on its resistance
     */
    record Engine(int cylinders, double amps, double constant, double armature) {}

    /** @param limit share of the plate that it really gives */
    record Machine(Charger charger, double plateAmps, double limit, double idleShare, double setVolts, double ripple) {}

    /** What is drawn, in A: key on, lights and blower, running with loads off, all of them, asleep. */
    record Draws(double key, double lights, double idle, double all, double standing) {
        /** What a resting machine's diodes take of a standing current, in A (docs/physics.md, devices). */
        private static final double RESTING_MACHINE_AMPS = 1.3e-3;

        /** What the consumers draw of it. */
        double asleep() {
            return Math.max(0, standing - RESTING_MACHINE_AMPS);
        }
    }

    /** True if it has an effect that no steady state of one circuit shows. */
    boolean foreign() {
        return !effects.isEmpty();
    }
}

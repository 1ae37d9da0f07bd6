package app.dantro.core.network;

import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.circuit.Starter.Motor;
import java.util.HashMap;
import java.util.Map;

/**
 * Closed-form operating point of a series starting loop (equations: docs/physics.md). The solenoid's coils are left
 * out: its hold-in current, about 10 A in a car, and the chatter below its hold voltage are not modelled here.
 */
public final class StartingSolver {
    private static final double ASSUMED_DRAG_HALVING_KELVIN = 38;
    private static final double ASSUMED_KEY_ON_SIEMENS = 8.0 / 13;
    private static final double ASSUMED_CRANKING_SIEMENS = 10.0 / 13;
    private static final double ASSUMED_LIGHTS_SIEMENS = 28.0 / 13;

    private final SeriesLoop loop;
    private final VehicleState state;

    public StartingSolver(SeriesLoop loop, VehicleState state) {
        this.loop = loop;
        this.state = state;
    }

    /** Nothing flows: every supply point shows the open-circuit voltage, every return point zero. */
    public OperatingPoint rest() {
        return withoutStarter(0);
    }

    /** Ignition on; its consumers load the battery at the posts. */
    public OperatingPoint keyOn() {
        return withoutStarter(ASSUMED_KEY_ON_SIEMENS);
    }

    /** Lights and blower on, engine off. */
    public OperatingPoint engineOffLoad() {
        return withoutStarter(ASSUMED_LIGHTS_SIEMENS);
    }

    /**
     * Starter engaged. Turning: {@code i = (c v + T0 k) / D} with {@code D = k² + R c}; stalled: {@code i = v / R}.
     * The turning piece holds where its speed comes out positive.
     */
    public OperatingPoint cranking() {
        double e = openCircuitVolts();
        double rd = batteryOhms();
        double share = 1 / (1 + rd * ASSUMED_CRANKING_SIEMENS);
        double sourceVolts = e * share;
        double pathOhms = rd * share + wiringOhms();
        Motor motor = loop.starter().motor();
        double drag = dragFactor();
        double k = motor.voltSecondsPerRadian();
        double t0 = motor.dragNewtonMetres() * drag;
        double c = motor.dragNewtonMetreSeconds() * drag;
        double d = k * k + motor.ohms() * c;
        double amps = (c * sourceVolts + t0 * k) / (d + c * pathOhms);
        double omega = (k * amps - t0) / c;
        if (omega <= 0) {
            omega = 0;
            amps = sourceVolts / (pathOhms + motor.ohms());
        }
        double postVolts = sourceVolts - amps * rd * share;
        return new OperatingPoint(
                potentials(postVolts, amps), amps, amps + postVolts * ASSUMED_CRANKING_SIEMENS, omega);
    }

    private OperatingPoint withoutStarter(double siemens) {
        double postVolts = openCircuitVolts() / (1 + batteryOhms() * siemens);
        return new OperatingPoint(potentials(postVolts, 0), 0, postVolts * siemens, 0);
    }

    /** Potentials along the loop; without current the starter's motor pulls its stud to the return side. */
    private Map<PointId, Double> potentials(double postVolts, double amps) {
        Map<PointId, Double> volts = new HashMap<>();
        double here = postVolts;
        volts.put(loop.battery().positivePost(), here);
        for (Part part : loop.supply()) {
            here -= amps * ohms(part);
            boolean openContacts = amps == 0 && part.to().equals(loop.starter().motorStud());
            volts.put(part.to(), openContacts ? 0 : here);
        }
        double back = 0;
        volts.put(loop.battery().negativePost(), back);
        for (int i = loop.returns().size() - 1; i >= 0; i--) {
            Part part = loop.returns().get(i);
            back += amps * ohms(part);
            volts.put(part.from(), back);
        }
        return volts;
    }

    private double openCircuitVolts() {
        return BatteryModel.openCircuitVolts(state.stateOfCharge(), state.celsius());
    }

    private double batteryOhms() {
        return loop.battery().internalOhms().nominalOhms()
                * BatteryModel.ohmsFactor(state.stateOfCharge(), state.celsius());
    }

    private double dragFactor() {
        return Math.pow(2, (20 - state.celsius()) / ASSUMED_DRAG_HALVING_KELVIN);
    }

    private double wiringOhms() {
        return loop.parts().stream().mapToDouble(this::ohms).sum();
    }

    private double ohms(Part part) {
        return part.resistance().healthyAt(state.celsius()).nominalOhms()
                + state.addedOhms().getOrDefault(part.id(), 0.0);
    }
}

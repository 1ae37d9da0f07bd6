package app.dantro.core.network;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Battery;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Load;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.Starter;
import java.util.Arrays;

/** The numbers of every part and device for one vehicle state, faults worked in. Reused from solve to solve. */
final class DeviceValues {
    final double[] ohms;
    final Battery.Source[] batteries;
    final Starter.Motor[] motors;
    final Output[] outputs;

    private final Netlist netlist;
    private final double[] healthyOhms;
    private final double[] drainSiemens;
    /** Factors on the loads' conductances. */
    final double[] loadFactors;

    private double celsiusOfOhms = Double.NaN;
    private boolean glowing;

    DeviceValues(Netlist netlist) {
        this.netlist = netlist;
        ohms = new double[netlist.parts.length];
        healthyOhms = new double[netlist.parts.length];
        batteries = new Battery.Source[netlist.batteries.length];
        motors = new Starter.Motor[netlist.starters.length];
        outputs = new Output[netlist.alternators.length];
        drainSiemens = new double[netlist.loads.length];
        loadFactors = new double[netlist.loads.length];
    }

    /** @throws IllegalArgumentException if a fault names a part that is not there or not of its kind */
    void set(VehicleState state) {
        glowing = state.glowing();
        setHealthy(state);
        for (Fault fault : state.faults()) {
            apply(fault, state.celsius());
        }
    }

    /** Takes over the numbers of another set of the same circuit. */
    void copy(DeviceValues other) {
        glowing = other.glowing;
        System.arraycopy(other.ohms, 0, ohms, 0, ohms.length);
        System.arraycopy(other.batteries, 0, batteries, 0, batteries.length);
        System.arraycopy(other.motors, 0, motors, 0, motors.length);
        System.arraycopy(other.outputs, 0, outputs, 0, outputs.length);
        System.arraycopy(other.drainSiemens, 0, drainSiemens, 0, drainSiemens.length);
        System.arraycopy(other.loadFactors, 0, loadFactors, 0, loadFactors.length);
    }

    /** Open-circuit voltage of a battery in a condition, in V: surface charge lies on it after a run. */
    double openCircuitVolts(int battery, Condition condition) {
        boolean surface = condition == Condition.AFTER_SWITCH_OFF
                && netlist.batteries[battery].stated().isEmpty();
        return batteries[battery].volts() + (surface ? Parameters.ASSUMED_SURFACE_VOLTS : 0);
    }

    /** Conductance of a load in a condition, in S. */
    double loadSiemens(int number, Condition condition) {
        Load load = netlist.loads[number];
        double own =
                load.glow() && !(glowing && condition.keyOn()) ? 0 : netlist.loadSiemens[condition.ordinal()][number];
        return own * loadFactors[number] + drainSiemens[number];
    }

    /** Current limit of an alternator in a condition, in A. */
    double limitAmps(int number, Condition condition) {
        return condition.running()
                ? netlist.alternators[number].rating().ampsIn(condition) * outputs[number].share()
                : 0;
    }

    private void setHealthy(VehicleState state) {
        double celsius = state.celsius();
        if (celsius != celsiusOfOhms) {
            for (int i = 0; i < ohms.length; i++) {
                healthyOhms[i] =
                        netlist.parts[i].resistance().healthyAt(celsius).nominalOhms();
            }
            celsiusOfOhms = celsius;
        }
        System.arraycopy(healthyOhms, 0, ohms, 0, ohms.length);
        for (int i = 0; i < batteries.length; i++) {
            batteries[i] = BatteryModel.source(netlist.batteries[i], state.stateOfCharge(), celsius);
        }
        double drag = celsius == Parameters.DRAG_CELSIUS
                ? 1
                : Math.pow(2, (Parameters.DRAG_CELSIUS - celsius) / Parameters.ASSUMED_DRAG_HALVING_KELVIN);
        for (int i = 0; i < motors.length; i++) {
            Starter.Motor m = netlist.starters[i].motor();
            motors[i] = drag == 1
                    ? m
                    : new Starter.Motor(
                            m.voltSecondsPerRadian(),
                            m.ohms(),
                            m.dragNewtonMetres() * drag,
                            m.dragNewtonMetreSeconds() * drag);
        }
        for (int i = 0; i < outputs.length; i++) {
            outputs[i] = new Output(1, setpoint(netlist.alternators[i], celsius), 1);
        }
        Arrays.fill(drainSiemens, 0);
        Arrays.fill(loadFactors, 1);
    }

    private static double setpoint(Alternator alternator, double celsius) {
        double beyond = celsius > Parameters.SETPOINT_HIGH_CELSIUS
                ? celsius - Parameters.SETPOINT_HIGH_CELSIUS
                : Math.min(0, celsius - Parameters.SETPOINT_LOW_CELSIUS);
        return alternator.regulation().setpointVolts() + alternator.regulation().voltsPerKelvin() * beyond;
    }

    private void apply(Fault fault, double celsius) {
        boolean wiring = toWiring(fault);
        boolean source = toBatteries(fault, celsius);
        boolean device = toDevices(fault);
        if (!wiring && !source && !device) {
            throw new IllegalArgumentException("The fault (%s) cannot sit in (%s): the circuit (%s) has %s."
                    .formatted(
                            fault.getClass().getSimpleName(),
                            fault.part(),
                            netlist.circuit.id(),
                            netlist.circuit
                                    .nameOf(fault.part())
                                    .map(name -> "no such fault for its %s".formatted(name))
                                    .orElse("no such part")));
        }
    }

    private boolean toWiring(Fault fault) {
        int part = netlist.part(fault.part());
        if (part < 0) {
            return false;
        }
        ohms[part] = fault.ohms(ohms[part]);
        return fault instanceof Fault.AddedResistance || fault instanceof Fault.Open;
    }

    private boolean toBatteries(Fault fault, double celsius) {
        boolean changed = false;
        for (int i = 0; i < batteries.length; i++) {
            if (netlist.batteries[i].id().equals(fault.part())) {
                Battery.Source before = batteries[i];
                batteries[i] = fault.battery(before, netlist.batteries[i], celsius);
                changed = batteries[i] != before;
            }
        }
        return changed;
    }

    private boolean toDevices(Fault fault) {
        PartId id = fault.part();
        boolean changed = false;
        for (int i = 0; i < motors.length; i++) {
            if (netlist.starters[i].id().equals(id)) {
                Starter.Motor before = motors[i];
                motors[i] = fault.motor(before);
                changed = motors[i] != before;
            }
        }
        for (int i = 0; i < outputs.length; i++) {
            if (netlist.alternators[i].id().equals(id)) {
                Output before = outputs[i];
                outputs[i] = fault.output(before);
                changed = outputs[i] != before;
            }
        }
        for (int i = 0; i < drainSiemens.length && fault instanceof Fault.Drain drain; i++) {
            if (netlist.loads[i].id().equals(id)) {
                drainSiemens[i] += drain.amps() / (Fault.Drain.AT_VOLTS * netlist.circuit.blocks());
                changed = true;
            }
        }
        return changed;
    }
}

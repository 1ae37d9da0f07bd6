package app.dantro.core.network;

import app.dantro.core.circuit.Battery;
import app.dantro.core.circuit.ResistanceRange;
import app.dantro.core.circuit.Starter;
import app.dantro.core.network.Fault.Output;

/**
 * The numbers that differ between healthy vehicles, each moved by one standard deviation (docs/physics.md, parameters:
 * the spreads in brackets). Resistances and conductances move as their logarithm.
 */
final class Nuisances {
    private static final double ASSUMED_CHARGE_SPREAD = 0.08;
    private static final double ASSUMED_RESIDUAL_VOLTS = 0.030;
    private static final double ASSUMED_CHARGE_OHMS_SPREAD = 0.25;
    private static final double ASSUMED_MOTOR_CONSTANT_SPREAD = 0.04;
    private static final double ASSUMED_MOTOR_OHMS_SPREAD = 0.06;
    private static final double ASSUMED_DRAG_SPREAD = 0.12;
    private static final double ASSUMED_LIMIT_SPREAD = 0.06;
    private static final double ASSUMED_SETPOINT_VOLTS = 0.12;
    private static final double ASSUMED_LOAD_SPREAD = 0.18;
    private static final int PER_BATTERY = 4;
    private static final int PER_STARTER = 3;
    private static final int PER_ALTERNATOR = 2;

    private final Netlist netlist;

    Nuisances(Netlist netlist) {
        this.netlist = netlist;
    }

    int count() {
        return netlist.parts.length
                + PER_BATTERY * netlist.batteries.length
                + PER_STARTER * netlist.starters.length
                + PER_ALTERNATOR * netlist.alternators.length
                + netlist.loads.length;
    }

    /** Moves one number of the values at hand. */
    void shift(DeviceValues values, int nuisance, VehicleState state) {
        int i = nuisance;
        if (i < netlist.parts.length) {
            ResistanceRange range = netlist.parts[i].resistance().healthyAt(state.celsius());
            values.ohms[i] += range.nominalOhms() * (Math.exp(range.logSpread()) - 1);
            return;
        }
        i -= netlist.parts.length;
        if (i < PER_BATTERY * netlist.batteries.length) {
            int battery = i / PER_BATTERY;
            values.batteries[battery] = battery(values.batteries[battery], battery, i % PER_BATTERY, state);
            return;
        }
        i -= PER_BATTERY * netlist.batteries.length;
        if (i < PER_STARTER * netlist.starters.length) {
            values.motors[i / PER_STARTER] = motor(values.motors[i / PER_STARTER], i % PER_STARTER);
            return;
        }
        i -= PER_STARTER * netlist.starters.length;
        if (i < PER_ALTERNATOR * netlist.alternators.length) {
            values.outputs[i / PER_ALTERNATOR] = output(values.outputs[i / PER_ALTERNATOR], i % PER_ALTERNATOR);
            return;
        }
        values.loadFactors[i - PER_ALTERNATOR * netlist.alternators.length] = Math.exp(ASSUMED_LOAD_SPREAD);
    }

    private Battery.Source battery(Battery.Source healthy, int battery, int which, VehicleState state) {
        double spread = netlist.batteries[battery].internalOhms().logSpread();
        return switch (which) {
            case 0 ->
                BatteryModel.source(
                        netlist.batteries[battery],
                        Math.min(1, state.stateOfCharge() + ASSUMED_CHARGE_SPREAD),
                        state.celsius());
            case 1 ->
                new Battery.Source(
                        healthy.volts() + ASSUMED_RESIDUAL_VOLTS, healthy.dischargeOhms(), healthy.chargeOhms());
            case 2 ->
                new Battery.Source(healthy.volts(), healthy.dischargeOhms() * Math.exp(spread), healthy.chargeOhms());
            default ->
                new Battery.Source(
                        healthy.volts(),
                        healthy.dischargeOhms(),
                        healthy.chargeOhms() * Math.exp(ASSUMED_CHARGE_OHMS_SPREAD));
        };
    }

    private static Starter.Motor motor(Starter.Motor m, int which) {
        double k = which == 0 ? Math.exp(ASSUMED_MOTOR_CONSTANT_SPREAD) : 1;
        double r = which == 1 ? Math.exp(ASSUMED_MOTOR_OHMS_SPREAD) : 1;
        double drag = which == 2 ? Math.exp(ASSUMED_DRAG_SPREAD) : 1;
        return new Starter.Motor(
                m.voltSecondsPerRadian() * k,
                m.ohms() * r,
                m.dragNewtonMetres() * drag,
                m.dragNewtonMetreSeconds() * drag);
    }

    private static Output output(Output healthy, int which) {
        return which == 0
                ? new Output(
                        healthy.share() * Math.exp(ASSUMED_LIMIT_SPREAD),
                        healthy.setpointVolts(),
                        healthy.rippleFactor())
                : new Output(healthy.share(), healthy.setpointVolts() + ASSUMED_SETPOINT_VOLTS, healthy.rippleFactor());
    }
}

package app.dantro.core.network;

import app.dantro.core.circuit.Battery;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartKind;
import app.dantro.core.circuit.Starter;
import java.util.stream.IntStream;

/**
 * The numbers that differ between healthy vehicles, each moved by some standard deviations (docs/physics.md, parameters:
 * the spreads in brackets). Resistances and conductances move as their logarithm.
 */
final class Nuisances {
    private static final int PER_BATTERY = 4;
    private static final int PER_STARTER = 3;
    private static final int PER_ALTERNATOR = 2;

    private static final NumberKind[] BATTERY_KINDS = {
        NumberKind.CHARGE, NumberKind.RESIDUAL, NumberKind.BATTERY_OHMS, NumberKind.CHARGE_OHMS
    };
    private static final NumberKind[] STARTER_KINDS = {NumberKind.MOTOR_CONSTANT, NumberKind.MOTOR_OHMS, NumberKind.DRAG
    };
    private static final NumberKind[] ALTERNATOR_KINDS = {NumberKind.LIMIT, NumberKind.SETPOINT};
    /** What moves all of a vehicle at once, after all others. */
    private static final NumberKind[] WHOLE_VEHICLE = {NumberKind.SAG, NumberKind.AGE, NumberKind.LENGTH};

    private final Netlist netlist;

    Nuisances(Netlist netlist) {
        this.netlist = netlist;
    }

    int count() {
        return netlist.parts.length
                + PER_BATTERY * netlist.batteries.length
                + PER_STARTER * netlist.starters.length
                + PER_ALTERNATOR * netlist.alternators.length
                + netlist.loads.length
                + WHOLE_VEHICLE.length;
    }

    /** What a number is. */
    NumberKind kind(int nuisance) {
        int i = nuisance - netlist.parts.length;
        if (i < 0) {
            return NumberKind.WIRING;
        }
        int batteries = PER_BATTERY * netlist.batteries.length;
        int starters = PER_STARTER * netlist.starters.length;
        if (i < batteries) {
            return BATTERY_KINDS[i % PER_BATTERY];
        }
        if (i < batteries + starters) {
            return STARTER_KINDS[(i - batteries) % PER_STARTER];
        }
        i -= batteries + starters;
        if (i < PER_ALTERNATOR * netlist.alternators.length) {
            return ALTERNATOR_KINDS[i % PER_ALTERNATOR];
        }
        int whole = nuisance - (count() - WHOLE_VEHICLE.length);
        return whole < 0 ? NumberKind.LOAD : WHOLE_VEHICLE[whole];
    }

    /**
     * The numbers that may turn a device's mode within their spread: which of two batteries in parallel charges the other
     * while nothing much flows, and whether the alternator reaches its limit.
     */
    int[] bending(Condition condition) {
        if (condition.running()) {
            return limits();
        }
        boolean parallel = netlist.batteries.length > 1 && netlist.circuit.blocks() == 1;
        return parallel && !condition.starterCalled() ? openCircuitVolts() : new int[0];
    }

    /** The numbers that move a battery's open-circuit voltage: its charge, and what charge does not explain. */
    private int[] openCircuitVolts() {
        return IntStream.range(0, netlist.batteries.length)
                .flatMap(b -> IntStream.range(0, 2).map(i -> netlist.parts.length + PER_BATTERY * b + i))
                .toArray();
    }

    /** The numbers that decide whether an alternator reaches its limit: its own, and the loads'. */
    private int[] limits() {
        int from =
                netlist.parts.length + PER_BATTERY * netlist.batteries.length + PER_STARTER * netlist.starters.length;
        return IntStream.range(from, count() - WHOLE_VEHICLE.length).toArray();
    }

    /** Moves one number of the values at hand by some of its standard deviations. */
    void shift(DeviceValues values, int nuisance, Condition condition, VehicleState state, double sigmas) {
        int i = nuisance;
        if (i < netlist.parts.length) {
            values.ohms[i] +=
                    netlist.parts[i].resistance().healthyAt(state.celsius()).stepOhms(sigmas);
            return;
        }
        i -= netlist.parts.length;
        if (i < PER_BATTERY * netlist.batteries.length) {
            int battery = i / PER_BATTERY;
            values.batteries[battery] = battery(values.batteries[battery], battery, i % PER_BATTERY, state, sigmas);
            return;
        }
        i -= PER_BATTERY * netlist.batteries.length;
        if (i < PER_STARTER * netlist.starters.length) {
            values.motors[i / PER_STARTER] = motor(values.motors[i / PER_STARTER], i % PER_STARTER, sigmas);
            return;
        }
        i -= PER_STARTER * netlist.starters.length;
        if (i < PER_ALTERNATOR * netlist.alternators.length) {
            values.outputs[i / PER_ALTERNATOR] = output(values.outputs[i / PER_ALTERNATOR], i % PER_ALTERNATOR, sigmas);
            return;
        }
        i -= PER_ALTERNATOR * netlist.alternators.length;
        if (i < netlist.loads.length) {
            values.loadFactors[i] = Math.exp(sigmas * Parameters.ASSUMED_LOAD_SPREAD);
            return;
        }
        switch (kind(nuisance)) {
            case AGE -> all(values, state, false, sigmas * Parameters.ASSUMED_AGE_SPREAD);
            case LENGTH -> all(values, state, true, sigmas * Parameters.ASSUMED_LENGTH_SPREAD);
            default -> sunk(values, Parameters.sagVolts(condition) * sigmas);
        }
    }

    private static void sunk(DeviceValues values, double volts) {
        for (int b = 0; b < values.batteries.length; b++) {
            Battery.Source now = values.batteries[b];
            values.batteries[b] = new Battery.Source(now.volts() + volts, now.dischargeOhms(), now.chargeOhms());
        }
    }

    /** All cables, or all that is no cable, by one factor. */
    private void all(DeviceValues values, VehicleState state, boolean cables, double logarithm) {
        for (int p = 0; p < netlist.parts.length; p++) {
            if (cables == (netlist.parts[p].kind() == PartKind.CABLE)) {
                values.ohms[p] += netlist.parts[p]
                                .resistance()
                                .healthyAt(state.celsius())
                                .nominalOhms()
                        * (Math.exp(logarithm) - 1);
            }
        }
    }

    /**
     * By how many of its standard deviations each number of a device would have to lie off in a healthy vehicle to be what
     * it is in another; infinite for what no healthy device can be. Consumers are left out.
     */
    double[] off(DeviceValues healthy, DeviceValues now) {
        double[] off = new double[count()];
        int at = netlist.parts.length;
        for (int b = 0; b < netlist.batteries.length; b++, at += PER_BATTERY) {
            Battery.Source from = healthy.batteries[b];
            Battery.Source to = now.batteries[b];
            double spread = netlist.batteries[b].internalOhms().logSpread();
            off[at + 1] = (to.volts() - from.volts()) / Parameters.ASSUMED_RESIDUAL_VOLTS;
            off[at + 2] = Math.log(to.dischargeOhms() / from.dischargeOhms()) / spread;
            off[at + 3] = Math.log(to.chargeOhms() / from.chargeOhms()) / Parameters.ASSUMED_CHARGE_OHMS_SPREAD;
        }
        for (int m = 0; m < netlist.starters.length; m++, at += PER_STARTER) {
            Starter.Motor from = healthy.motors[m];
            Starter.Motor to = now.motors[m];
            off[at] = Math.log(to.voltSecondsPerRadian() / from.voltSecondsPerRadian())
                    / Parameters.ASSUMED_MOTOR_CONSTANT_SPREAD;
            off[at + 1] = Math.log(to.ohms() / from.ohms()) / Parameters.ASSUMED_MOTOR_OHMS_SPREAD;
            off[at + 2] = Math.log(to.dragNewtonMetres() / from.dragNewtonMetres()) / Parameters.ASSUMED_DRAG_SPREAD;
        }
        for (int a = 0; a < netlist.alternators.length; a++, at += PER_ALTERNATOR) {
            Output from = healthy.outputs[a];
            Output to = now.outputs[a];
            off[at] = Math.log(to.share() / from.share()) / Parameters.ASSUMED_LIMIT_SPREAD;
            off[at + 1] = (to.setpointVolts() - from.setpointVolts())
                    / (Parameters.ASSUMED_SETPOINT_VOLTS * netlist.circuit.blocks());
        }
        return off;
    }

    private Battery.Source battery(Battery.Source healthy, int battery, int which, VehicleState state, double sigmas) {
        double spread = netlist.batteries[battery].internalOhms().logSpread();
        return switch (which) {
            case 0 -> charged(healthy, netlist.batteries[battery], state, sigmas);
            case 1 ->
                new Battery.Source(
                        healthy.volts() + sigmas * Parameters.ASSUMED_RESIDUAL_VOLTS,
                        healthy.dischargeOhms(),
                        healthy.chargeOhms());
            case 2 ->
                new Battery.Source(
                        healthy.volts(), healthy.dischargeOhms() * Math.exp(sigmas * spread), healthy.chargeOhms());
            default ->
                new Battery.Source(
                        healthy.volts(),
                        healthy.dischargeOhms(),
                        healthy.chargeOhms() * Math.exp(sigmas * Parameters.ASSUMED_CHARGE_OHMS_SPREAD));
        };
    }

    /** A fuller battery moves by as much as a healthy one would, whatever else is wrong with it. */
    private Battery.Source charged(Battery.Source now, Battery battery, VehicleState state, double sigmas) {
        double fuller = Math.max(0, Math.min(1, state.stateOfCharge() + sigmas * Parameters.ASSUMED_CHARGE_SPREAD));
        Battery.Source from = BatteryModel.source(battery, state.stateOfCharge(), state.celsius());
        Battery.Source to = BatteryModel.source(battery, fuller, state.celsius());
        return new Battery.Source(
                now.volts() + to.volts() - from.volts(),
                now.dischargeOhms() * to.dischargeOhms() / from.dischargeOhms(),
                now.chargeOhms() * to.chargeOhms() / from.chargeOhms());
    }

    private Starter.Motor motor(Starter.Motor m, int which, double sigmas) {
        double k = which == 0 ? Math.exp(sigmas * Parameters.ASSUMED_MOTOR_CONSTANT_SPREAD) : 1;
        double r = which == 1 ? Math.exp(sigmas * Parameters.ASSUMED_MOTOR_OHMS_SPREAD) : 1;
        double drag = which == 2 ? Math.exp(sigmas * Parameters.ASSUMED_DRAG_SPREAD) : 1;
        return new Starter.Motor(
                m.voltSecondsPerRadian() * k,
                m.ohms() * r,
                m.dragNewtonMetres() * drag,
                m.dragNewtonMetreSeconds() * drag);
    }

    private Output output(Output healthy, int which, double sigmas) {
        return which == 0
                ? new Output(
                        healthy.share() * Math.exp(sigmas * Parameters.ASSUMED_LIMIT_SPREAD),
                        healthy.setpointVolts(),
                        healthy.rippleFactor())
                : new Output(
                        healthy.share(),
                        healthy.setpointVolts() + sigmas * Parameters.ASSUMED_SETPOINT_VOLTS * netlist.circuit.blocks(),
                        healthy.rippleFactor());
    }
}

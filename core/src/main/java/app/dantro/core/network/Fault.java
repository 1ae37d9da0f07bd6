package app.dantro.core.network;

import app.dantro.core.circuit.Battery;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.Starter;
import java.util.Objects;

/**
 * Something wrong with one part or device, as data. Each kind changes what it touches and leaves the rest alone.
 * Severities that were tried: docs/physics.md, faults.
 */
public sealed interface Fault {
    /** Conductance of an open path in S: dirt and damp over a gap. */
    double OPEN_SIEMENS = 1e-6;

    /** The part or device it sits in. */
    PartId part();

    /** What the resistance of a wiring part becomes, in ohms. */
    default double ohms(double healthyOhms) {
        return healthyOhms;
    }

    /** What becomes of a battery; {@code charge} is its state of charge and {@code celsius} its temperature. */
    default Battery.Source battery(Battery.Source healthy, Battery battery, double celsius) {
        return healthy;
    }

    /** What becomes of motor and drag. */
    default Starter.Motor motor(Starter.Motor healthy) {
        return healthy;
    }

    /** What becomes of generator and regulator. */
    default Output output(Output healthy) {
        return healthy;
    }

    /** Too much resistance in a wiring part: corrosion, a bad crimp, burnt contacts. */
    record AddedResistance(PartId part, double addedOhms) implements Fault {
        public AddedResistance {
            Severity.within(addedOhms, 0, 1e6, "added resistance in ohm", part);
        }

        @Override
        public double ohms(double healthyOhms) {
            return healthyOhms + addedOhms;
        }
    }

    /** A wiring part that conducts no more: broken, blown, off. */
    record Open(PartId part) implements Fault {
        public Open {
            Objects.requireNonNull(part, "part");
        }

        @Override
        public double ohms(double healthyOhms) {
            return 1 / OPEN_SIEMENS;
        }
    }

    /** A battery whose resistance has grown. */
    record WeakBattery(PartId part, double factor) implements Fault {
        public WeakBattery {
            Severity.within(factor, 1, 1e4, "factor on the battery's resistance", part);
        }

        @Override
        public Battery.Source battery(Battery.Source healthy, Battery battery, double celsius) {
            return new Battery.Source(healthy.volts(), healthy.dischargeOhms() * factor, healthy.chargeOhms());
        }
    }

    /** A battery that is discharged. */
    record FlatBattery(PartId part, double stateOfCharge) implements Fault {
        public FlatBattery {
            Severity.within(stateOfCharge, 0, 1, "state of charge", part);
        }

        @Override
        public Battery.Source battery(Battery.Source healthy, Battery battery, double celsius) {
            return BatteryModel.source(battery, stateOfCharge, celsius);
        }
    }

    /** A battery with one cell dead. */
    record DeadCell(PartId part) implements Fault {
        /** What a dead cell takes from its block, in V (docs/physics.md, faults). */
        public static final double VOLTS = 2.1;

        public DeadCell {
            Objects.requireNonNull(part, "part");
        }

        @Override
        public Battery.Source battery(Battery.Source healthy, Battery battery, double celsius) {
            return new Battery.Source(
                    Math.max(0, healthy.volts() - VOLTS),
                    healthy.dischargeOhms() * Parameters.ASSUMED_DEAD_CELL_OHMS_FACTOR,
                    healthy.chargeOhms());
        }
    }

    /** Starter or engine that turns hard: T0 × factor, c × its root, at most √2. */
    record Drag(PartId part, double factor) implements Fault {
        public Drag {
            Severity.within(factor, 1, 1000, "factor on the drag", part);
        }

        @Override
        public Starter.Motor motor(Starter.Motor m) {
            double withSpeed = Math.min(Math.sqrt(factor), Math.sqrt(2));
            return new Starter.Motor(
                    m.voltSecondsPerRadian(),
                    m.ohms(),
                    m.dragNewtonMetres() * factor,
                    m.dragNewtonMetreSeconds() * withSpeed);
        }
    }

    /** Worn brushes: the armature's resistance × (1 + added share). */
    record WornBrushes(PartId part, double addedShare) implements Fault {
        public WornBrushes {
            Severity.within(addedShare, 0, 1000, "added share of the armature's resistance", part);
        }

        @Override
        public Starter.Motor motor(Starter.Motor m) {
            return new Starter.Motor(
                    m.voltSecondsPerRadian(),
                    m.ohms() * (1 + addedShare),
                    m.dragNewtonMetres(),
                    m.dragNewtonMetreSeconds());
        }
    }

    /** A motor without continuity. */
    record OpenArmature(PartId part) implements Fault {
        public OpenArmature {
            Objects.requireNonNull(part, "part");
        }

        @Override
        public Starter.Motor motor(Starter.Motor m) {
            return new Starter.Motor(
                    m.voltSecondsPerRadian(), 1 / OPEN_SIEMENS, m.dragNewtonMetres(), m.dragNewtonMetreSeconds());
        }
    }

    /** A shorted winding: k × factor, R × factor^1.5. */
    record ShortedWinding(PartId part, double factor) implements Fault {
        public ShortedWinding {
            Severity.within(factor, 0.05, 1, "factor on the motor constant", part);
        }

        @Override
        public Starter.Motor motor(Starter.Motor m) {
            return new Starter.Motor(
                    m.voltSecondsPerRadian() * factor,
                    m.ohms() * Math.pow(factor, 1.5),
                    m.dragNewtonMetres(),
                    m.dragNewtonMetreSeconds());
        }
    }

    /** An alternator that makes nothing, or whose field is never asked for. */
    record NoOutput(PartId part) implements Fault {
        public NoOutput {
            Objects.requireNonNull(part, "part");
        }

        @Override
        public Output output(Output healthy) {
            return new Output(0, healthy.setpointVolts(), healthy.rippleFactor());
        }
    }

    /** A worn machine: only a share of its current limit. */
    record LowOutput(PartId part, double share) implements Fault {
        public LowOutput {
            Severity.within(share, 0, 1, "share of the current limit", part);
        }

        @Override
        public Output output(Output healthy) {
            return healthy.limitedTo(share);
        }
    }

    /** A lost diode or phase: less current, much ripple. */
    record LostPhase(PartId part, double share) implements Fault {
        public LostPhase {
            Severity.within(share, 0, 1, "share of the current limit", part);
        }

        @Override
        public Output output(Output healthy) {
            return new Output(
                    healthy.share() * share, healthy.setpointVolts(), Parameters.ASSUMED_LOST_PHASE_RIPPLE_FACTOR);
        }
    }

    /** A belt that slips: less current. */
    record BeltSlip(PartId part, double share) implements Fault {
        public BeltSlip {
            Severity.within(share, 0, 1, "share of the current limit", part);
        }

        @Override
        public Output output(Output healthy) {
            return healthy.limitedTo(share);
        }
    }

    /** A regulator off its setpoint, in V; positive overcharges. */
    record RegulatorOffset(PartId part, double volts) implements Fault {
        public RegulatorOffset {
            Severity.within(volts, -10, 10, "offset of the regulator in V", part);
        }

        @Override
        public Output output(Output healthy) {
            return new Output(healthy.share(), healthy.setpointVolts() + volts, healthy.rippleFactor());
        }
    }

    /** A field that is driven all the time, whatever the voltage. */
    record FullField(PartId part) implements Fault {
        private static final double OUT_OF_REACH_VOLTS = 1000;

        public FullField {
            Objects.requireNonNull(part, "part");
        }

        @Override
        public Output output(Output healthy) {
            return new Output(healthy.share(), OUT_OF_REACH_VOLTS, healthy.rippleFactor());
        }
    }

    /** A consumer that draws when it should not, in A at 12.5 V, in every condition. */
    record Drain(PartId part, double amps) implements Fault {
        static final double AT_VOLTS = 12.5;

        public Drain {
            Severity.within(amps, 0, 100, "drain in A", part);
        }
    }
}

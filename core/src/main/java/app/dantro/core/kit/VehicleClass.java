package app.dantro.core.kit;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Load;
import app.dantro.core.circuit.Starter;
import java.util.EnumMap;
import java.util.Map;

/**
 * What is usual for a class of vehicle: engineering judgement, not measurements of a make (docs/physics.md,
 * parameters). SI base units, currents of loads at 13 V a block.
 */
enum VehicleClass {
    CAR(
            12,
            new Cranking(
                    new ClassBattery(6e-3, 60),
                    new Starter.Motor(0.42, 14e-3, 35, 1.55),
                    new Coils(1.1, 0.30, 7, 4, 2.5, 4, 12e-3)),
            new Charging(110, 14.3, 0.50, 1),
            new Wiring(1.0, 35, 0.6, 35, 1.6, 25, 0.6, 25, 0.35, 16, 0.3, 16),
            new Joints(1, 0.45e-3, 0.5e-3),
            new Loads("0.025/0 3/5 25/3 2/8 4/8 45/18 4/8", 300)),
    TRUCK(
            24,
            new Cranking(
                    new ClassBattery(3.5e-3, 180),
                    new Starter.Motor(1.15, 13.5e-3, 170, 10),
                    new Coils(1.6, 0.40, 14, 8, 6, 4, 15e-3)),
            new Charging(100, 28.4, 0.45, 1),
            new Wiring(3.0, 95, 2.5, 95, 4.0, 35, 1.2, 50, 0.5, 50, 0.5, 50),
            new Joints(0.7, 0.35e-3, 0.35e-3),
            new Loads("0.06/0 3/4 25/2 2/6 5/8 45/15 5/8", 500)),
    MOTORCYCLE(
            12,
            new Cranking(
                    new ClassBattery(16e-3, 10),
                    new Starter.Motor(0.22, 34e-3, 8, 0.16),
                    new Coils(3.2, 1.0, 7, 4, 1.2, 1.5, 20e-3)),
            new Charging(30, 14.2, 0.45, 1.6),
            new Wiring(0.7, 10, 0.6, 10, 0.7, 4, 0.3, 6, 0.25, 4, 0.25, 6),
            new Joints(3, 1.6e-3, 0.9e-3),
            new Loads("0.002/0 4/2 6/1 1.5/3 5/3 12/4 5/3", 80)),
    TWIN_DIESEL(
            12,
            new Cranking(
                    new ClassBattery(5e-3, 75),
                    new Starter.Motor(0.46, 7.5e-3, 85, 4),
                    new Coils(0.9, 0.22, 7, 4, 3, 4, 12e-3)),
            new Charging(140, 14.3, 0.50, 1),
            new Wiring(1.2, 70, 0.9, 70, 2.0, 35, 0.6, 35, 0.4, 25, 0.4, 25),
            new Joints(0.7, 0.40e-3, 0.35e-3),
            new Loads("0.035/0 4/10 28/5 2/14 5/14 55/22 5/14", 500));

    private static final double GM_SIEMENS = 600;
    private static final double GM_AMPS = 110;
    private static final double LOAD_VOLTS = 13;
    private static final Condition[] LOAD_COLUMNS = {
        Condition.REST,
        Condition.KEY_ON,
        Condition.ENGINE_OFF_LOAD,
        Condition.CRANKING,
        Condition.IDLE,
        Condition.RAISED_LOADED,
        Condition.RAISED
    };

    final double systemVolts;
    final ClassBattery battery;
    final Starter.Motor motor;
    final Charging charging;
    final Coils coils;
    final Wiring wiring;
    final Joints joints;
    final double pileAmps;
    private final String loads;

    VehicleClass(double systemVolts, Cranking cranking, Charging charging, Wiring wiring, Joints joints, Loads loads) {
        this.systemVolts = systemVolts;
        this.battery = cranking.battery;
        this.motor = cranking.motor;
        this.charging = charging;
        this.coils = cranking.coils;
        this.wiring = wiring;
        this.joints = joints;
        this.loads = loads.table;
        this.pileAmps = loads.pileAmps;
    }

    /** What turns the engine. */
    private record Cranking(ClassBattery battery, Starter.Motor motor, Coils coils) {}

    /** A class's loads, a/b at 13 V: continuous and glowing or blown, by the columns below; and what its pile draws in A. */
    private record Loads(String table, double pileAmps) {}

    record ClassBattery(double ohms, double ampHours) {}

    /** Current limit, setpoint, share at idle, and by how much higher its generator must turn for full output. */
    record Charging(double amps, double setpointVolts, double idleShare, double speedFactor) {}

    /** Coils, thresholds, and the wire to the trigger: m, mm², and Ω of its contacts. */
    record Coils(
            double holdOhms,
            double pullInOhms,
            double pullInVolts,
            double holdVolts,
            double wireMetres,
            double wireSquareMillimetres,
            double contactOhms) {}

    /** Lengths in m and areas in mm² of starter, ground, charge and feed cable, chassis lead and strap. */
    record Wiring(
            double starterMetres,
            double starterArea,
            double groundMetres,
            double groundArea,
            double chargeMetres,
            double chargeArea,
            double feedMetres,
            double feedArea,
            double leadMetres,
            double leadArea,
            double strapMetres,
            double strapArea) {}

    /** Factor on the joints of a car; Ω of large fuse and contacts. */
    record Joints(double factor, double fuseOhms, double contactsOhms) {}

    int blocks() {
        return (int) (systemVolts / 12);
    }

    double regulatorSiemens() {
        return GM_SIEMENS * charging.amps / GM_AMPS / blocks();
    }

    /** Loads in A by condition, at the chassis or at the block, as conductances. */
    Map<Condition, Double> loads(boolean atBlock) {
        Map<Condition, Double> amps = new EnumMap<>(Condition.class);
        String[] columns = loads.split(" ");
        for (int i = 0; i < columns.length; i++) {
            amps.put(LOAD_COLUMNS[i], Double.parseDouble(columns[i].split("/")[atBlock ? 1 : 0]));
        }
        return Load.drawing(amps, LOAD_VOLTS * blocks());
    }

    /** Share of the current limit by condition: listed at idle, 0.80 at 1500, 0.95 at 2000, 1.00 at 2500 rpm. */
    Map<Condition, Double> shares() {
        Map<Condition, Double> shares = new EnumMap<>(Condition.class);
        shares.put(Condition.IDLE, charging.idleShare);
        shares.put(Condition.IDLE_LOADED, charging.idleShare);
        shares.put(Condition.RAISED, share(2000));
        shares.put(Condition.RAISED_LOADED, share(2000));
        shares.put(Condition.FULL_OUTPUT, share(2500));
        shares.put(Condition.HIGH_SPEED, share(3500));
        return shares;
    }

    private double share(double rpm) {
        double[] speeds = {800, 1500, 2000, 2500};
        double[] shares = {charging.idleShare, 0.80, 0.95, 1.00};
        double speed = rpm / charging.speedFactor;
        for (int i = 1; i < speeds.length; i++) {
            if (speed <= speeds[i]) {
                double along = Math.max(0, (speed - speeds[i - 1]) / (speeds[i] - speeds[i - 1]));
                return shares[i - 1] + along * (shares[i] - shares[i - 1]);
            }
        }
        return 1;
    }
}

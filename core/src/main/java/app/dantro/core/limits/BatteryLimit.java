package app.dantro.core.limits;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.VehicleSort;

/**
 * What resistance a battery of a sort of vehicle has, whatever its make: up to where healthy ones go, and from where on one
 * is not, charged and at 20 °C (docs/everyday.md, battery's own resistance; here it must dare).
 */
public enum BatteryLimit {
    HEALTHY(50e-3, 16e-3, 12e-3, 7e-3),
    FAULTY(60e-3, 18e-3, 18e-3, 9e-3);

    private static final double WARM_CELSIUS = 20;
    private static final double FROST_CELSIUS = -10;
    private static final double HARD_FROST_CELSIUS = -18;
    /** It is 1.4 times as much at the one and 1.8 times at the other. */
    private static final double MORE_IN_FROST = 0.4;

    private final double motorcycleOhms;
    private final double carOhms;
    private final double oneOfTwoOhms;
    private final double truckBlockOhms;

    BatteryLimit(double motorcycleOhms, double carOhms, double oneOfTwoOhms, double truckBlockOhms) {
        this.motorcycleOhms = motorcycleOhms;
        this.carOhms = carOhms;
        this.oneOfTwoOhms = oneOfTwoOhms;
        this.truckBlockOhms = truckBlockOhms;
    }

    /** Of one battery, in Ω. */
    public double ofOne(Circuit circuit) {
        return switch (VehicleSort.of(circuit)) {
            case MOTORCYCLE -> motorcycleOhms;
            case CAR, DIESEL -> carOhms;
            case TWO_BATTERIES -> oneOfTwoOhms;
            case TRUCK -> truckBlockOhms;
        };
    }

    /** Of all between the posts, in Ω. */
    public double ofAll(Circuit circuit) {
        int besides = circuit.batteries().size() / circuit.blocks();
        return ofOne(circuit) * circuit.blocks() / besides;
    }

    /** How many times as much it is at a temperature in °C. */
    public static double cold(double celsius) {
        double cool = (WARM_CELSIUS - celsius) / (WARM_CELSIUS - FROST_CELSIUS);
        double frost = (FROST_CELSIUS - celsius) / (FROST_CELSIUS - HARD_FROST_CELSIUS);
        return 1 + MORE_IN_FROST * (Math.max(0, Math.min(1, cool)) + Math.max(0, frost));
    }
}

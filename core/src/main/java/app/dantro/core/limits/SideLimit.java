package app.dantro.core.limits;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Side;
import app.dantro.core.circuit.VehicleSort;

/**
 * What a whole starting side of a sort of vehicle has, whatever its make, to the battery stud and with its contacts: up to
 * where healthy ones go, and from where on one is not (docs/everyday.md, supply side cranking; here it must dare).
 */
public enum SideLimit {
    HEALTHY(1),
    FAULTY(2);

    /** Of healthy contacts at the most, in Ω. */
    public static final double CONTACTS_OHMS = 2e-3;

    private final double times;

    SideLimit(double times) {
        this.times = times;
    }

    /**
     * @param contacts whether the solenoid's contacts lie in it
     * @return in Ω
     */
    public double ohms(Circuit circuit, Side side, boolean contacts) {
        return times * healthyOhms(VehicleSort.of(circuit), side == Side.SUPPLY) + (contacts ? CONTACTS_OHMS : 0);
    }

    private static double healthyOhms(VehicleSort sort, boolean supply) {
        return switch (sort) {
            case TRUCK, TWO_BATTERIES -> supply ? 1.6e-3 : 1.0e-3;
            case MOTORCYCLE -> supply ? 8e-3 : 4e-3;
            case CAR, DIESEL -> supply ? 2.5e-3 : 2.0e-3;
        };
    }
}

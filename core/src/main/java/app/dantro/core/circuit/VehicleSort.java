package app.dantro.core.circuit;

/** What sort of vehicle a circuit is of, by what it has: the healthy ranges go by it (docs/everyday.md, ranges of healthy vehicles). */
public enum VehicleSort {
    MOTORCYCLE,
    CAR,
    /** A diesel with one battery. */
    DIESEL,
    /** Two batteries side by side. */
    TWO_BATTERIES,
    /** Two blocks in series. */
    TRUCK;

    /** A 12 V battery of less, in Ah, is a motorcycle's (docs/everyday.md, battery's own resistance). */
    private static final double MOTORCYCLE_AMP_HOURS = 25;

    public static VehicleSort of(Circuit circuit) {
        if (circuit.blocks() > 1) {
            return TRUCK;
        }
        if (circuit.batteries().size() > 1) {
            return TWO_BATTERIES;
        }
        if (circuit.devices().stream().anyMatch(d -> d instanceof Load load && load.glow())) {
            return DIESEL;
        }
        return circuit.batteries().get(0).ampHours() < MOTORCYCLE_AMP_HOURS ? MOTORCYCLE : CAR;
    }
}

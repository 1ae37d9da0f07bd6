package app.dantro.core.starting;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.VehicleSort;

/** Beyond which resistance a battery of a sort of vehicle is not healthy, whatever its make (docs/everyday.md, here it must dare). */
final class BatteryOhms {
    private BatteryOhms() {}

    /** Of one battery, charged and at 20 °C, in Ω. */
    static double mostOfOne(Circuit circuit) {
        return switch (VehicleSort.of(circuit)) {
            case MOTORCYCLE -> Marks.MOTORCYCLE_OHMS;
            case CAR, DIESEL, TWO_BATTERIES -> Marks.CAR_OHMS;
            case TRUCK -> Marks.TRUCK_BLOCK_OHMS;
        };
    }

    /** Of all between the posts. */
    static double mostOfAll(Circuit circuit) {
        int besides = circuit.batteries().size() / circuit.blocks();
        return mostOfOne(circuit) * circuit.blocks() / besides;
    }

    /** How much more it is in the cold. */
    static double factor(double celsius) {
        double cool = Math.max(0, Math.min(1, (Marks.WARM_CELSIUS - celsius) / (Marks.WARM_CELSIUS - Marks.FROST_CELSIUS)));
        double frost = Math.max(0, (Marks.FROST_CELSIUS - celsius) / (Marks.FROST_CELSIUS - Marks.HARD_FROST_CELSIUS));
        return 1 + Marks.MORE_IN_FROST * (cool + frost);
    }
}

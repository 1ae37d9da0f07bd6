package app.dantro.core.limits;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.VehicleSort;

/** What a carbon pile is set to at a starter, at the most (docs/job.md, cautions). */
public final class PileAmps {
    private PileAmps() {}

    /** In A, by what the vehicle is. */
    public static int most(Circuit circuit) {
        return switch (VehicleSort.of(circuit)) {
            case MOTORCYCLE -> 80;
            case CAR, DIESEL -> 300;
            case TWO_BATTERIES, TRUCK -> 500;
        };
    }
}

package app.dantro.core.standing;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.VehicleSort;
import app.dantro.core.inference.Observable;
import app.dantro.core.inference.Observation;
import app.dantro.core.quantity.Quantile;
import app.dantro.core.reading.MeterError;
import java.util.List;

/** Most that a starter of a vehicle's kind draws once it turns (docs/everyday.md, settled cranking current). */
record MostAmps(Circuit circuit, double celsius) {
    private static final double TRUCK = 1000;
    private static final double TWIN = 600;
    private static final double DIESEL = 450;
    private static final double CAR = 320;
    private static final double MOTORCYCLE = 200;
    /** Below this the oil thickens, and a starter draws up to twice as much for each so many kelvins. */
    private static final double USUAL_CELSIUS = 20;

    private static final double COLD_KELVIN = 41;

    /** True if a clamp showed more while cranking, its own error allowed for. */
    boolean exceeded(List<Observation> observations) {
        double cold = Math.pow(2, Math.max(0, USUAL_CELSIUS - celsius) / COLD_KELVIN);
        return observations.stream()
                .filter(o -> o.what().equals(new Observable.Amps(Condition.CRANKING)))
                .anyMatch(o -> least(o.value()) > cold * amps());
    }

    /** What flowed at least when a clamp showed this. */
    private static double least(double shown) {
        return shown
                - Quantile.COVERAGE
                        * Math.hypot(MeterError.ASSUMED_CLAMP_GAIN * shown, MeterError.ASSUMED_CLAMP_ZERO_AMPS);
    }

    private double amps() {
        return switch (VehicleSort.of(circuit)) {
            case TRUCK -> TRUCK;
            case TWO_BATTERIES -> TWIN;
            case DIESEL -> DIESEL;
            case CAR -> CAR;
            case MOTORCYCLE -> MOTORCYCLE;
        };
    }
}

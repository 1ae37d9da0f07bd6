package app.dantro.core.network;

import app.dantro.core.circuit.PointId;
import java.util.Map;

/**
 * Solution of a starting loop.
 *
 * @param volts potential of each probe point in volts above the battery's negative post
 * @param starterAmps current through cable and starter in amperes
 * @param batteryAmps current out of the battery in amperes, other consumers included
 * @param radiansPerSecond crankshaft speed; 0 when stalled or at rest
 */
public record OperatingPoint(
        Map<PointId, Double> volts, double starterAmps, double batteryAmps, double radiansPerSecond) {
    public OperatingPoint {
        volts = Map.copyOf(volts);
    }

    /** What an ideal meter shows, red − black, in volts. */
    public double between(PointId red, PointId black) {
        return volts.get(red) - volts.get(black);
    }

    /** Crankshaft speed in revolutions per minute. */
    public double rpm() {
        return radiansPerSecond * 60 / (2 * Math.PI);
    }
}

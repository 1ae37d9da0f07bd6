package app.dantro.core.world;

import app.dantro.core.circuit.Condition;
import app.dantro.core.network.OperatingPoint;

/**
 * What a vehicle shows at one moment.
 *
 * @param minute of the day
 * @param solved what every pair of points reads, and every current
 * @param rippleVolts V AC at B+
 * @param pileAmps what a pile draws; 0 without one
 * @param charged true if the battery had a night on the charger before
 */
public record Moment(
        Condition condition, int minute, OperatingPoint solved, double rippleVolts, double pileAmps, boolean charged) {}

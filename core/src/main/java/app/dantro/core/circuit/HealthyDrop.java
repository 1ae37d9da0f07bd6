package app.dantro.core.circuit;

import java.util.Optional;

/**
 * The drop a healthy stretch shows at the current that flowed.
 *
 * @param lowVolts least, in volts
 * @param nominalVolts median, in volts
 * @param upperVolts most, in volts: the conductor's own limit
 * @param amps the current it was worked out for, in amperes
 * @param estimated true if the class's current stood in for a measured one
 */
public record HealthyDrop(double lowVolts, double nominalVolts, double upperVolts, double amps, boolean estimated) {

    /**
     * {@code V = I · R} with the stretch's healthy range; without a measured current the range of the class's current
     * widens it.
     *
     * @param amps measured current in amperes, if there is one
     * @param celsius temperature of the conductors in °C
     */
    public static HealthyDrop of(Stretch stretch, ClassCurrent ofClass, Optional<Double> amps, double celsius) {
        double low = amps.orElseGet(ofClass::lowAmps);
        double nominal = amps.orElseGet(ofClass::nominalAmps);
        double high = amps.orElseGet(ofClass::highAmps);
        return new HealthyDrop(
                low * stretch.lowerOhms(celsius),
                nominal * stretch.nominalOhms(celsius),
                high * stretch.upperOhms(celsius),
                nominal,
                amps.isEmpty());
    }

    public boolean holds(double volts) {
        return volts >= lowVolts && volts <= upperVolts;
    }
}

package app.dantro.core.inference;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Battery;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Load;
import app.dantro.core.network.NumberKind;
import app.dantro.core.network.VehicleSpread;
import java.util.Arrays;

/**
 * What is known of the numbers that differ between vehicles before anything is read, in widened standard deviations of the
 * class: {@code θ_k ~ N(mean_k, variance_k)}, of which a share lasts from moment to moment. What was entered acts here, so
 * that one prepared circuit serves every vehicle of its kind.
 */
final class Numbers {
    /** Of the vehicles that the ready-made circuits stand for. */
    private static final double USUAL_CYLINDERS = 4;

    final double[] mean;
    final double[] variance;
    /** Covariance of a number between two moments. */
    final double[] lasting;

    Numbers(PreparedCircuit prepared, Entered entered) {
        int columns = prepared.columns();
        mean = new double[columns];
        variance = new double[columns];
        lasting = new double[columns];
        Arrays.fill(variance, 1);
        Circuit circuit = prepared.circuit();
        for (int k = 0; k < columns; k++) {
            narrow(k, prepared.kind(k), circuit, entered);
            lasting[k] = variance[k] * prepared.kind(k).lasting();
        }
    }

    private void narrow(int k, NumberKind kind, Circuit circuit, Entered entered) {
        switch (kind) {
            case SETPOINT ->
                set(
                        k,
                        entered.strategy().map(Strategy::shiftVolts).orElse(Marks.ASSUMED_SHIFT_VOLTS),
                        entered.strategy().map(Strategy::sigmaVolts).orElse(Marks.ASSUMED_SIGMA_VOLTS),
                        Marks.ASSUMED_WIDENING * VehicleSpread.setpointVolts());
            case LIMIT ->
                entered.plateAmps()
                        .ifPresent(plate -> circuit.alternator()
                                .map(Alternator::rating)
                                .ifPresent(r -> set(
                                        k,
                                        Math.log(plate / r.maxAmps()),
                                        Marks.ASSUMED_PLATE_SPREAD,
                                        Marks.ASSUMED_WIDENING * VehicleSpread.limit())));
            case BATTERY_OHMS ->
                entered.ampHours()
                        .ifPresent(ah -> circuit.batteries().stream()
                                .findFirst()
                                .ifPresent(b -> set(
                                        k,
                                        -Marks.ASSUMED_OHMS_BY_HOURS * Math.log(ah / b.ampHours()),
                                        Marks.ASSUMED_OHMS_SPREAD_AT_HOURS,
                                        Marks.ASSUMED_WIDENING * spread(b))));
            case DRAG -> drag(k, circuit, entered);
            case AGE, LENGTH -> mean[k] = Marks.ASSUMED_OLDER_SIGMAS;
            default -> mean[k] = 0;
        }
    }

    /** Diesels and trucks turn harder than the reference of their class, petrol cars a little easier. */
    private void drag(int k, Circuit circuit, Entered entered) {
        boolean truck = circuit.blocks() > 1;
        boolean glows = circuit.devices().stream().anyMatch(d -> d instanceof Load load && load.glow());
        boolean twin = circuit.batteries().size() > 1 && !truck;
        double usual = Marks.ASSUMED_PETROL_DRAG;
        double sigma = Marks.ASSUMED_WIDENING * VehicleSpread.drag();
        if (truck) {
            usual = Marks.ASSUMED_DIESEL_DRAG;
            sigma = Marks.ASSUMED_TRUCK_DRAG_SPREAD;
        } else if (twin || glows) {
            usual = twin ? 0 : Marks.ASSUMED_DIESEL_DRAG;
        } else if (entered.cylinders().isPresent()) {
            usual += Marks.ASSUMED_DRAG_BY_CYLINDERS
                    * Math.log(entered.cylinders().getAsInt() / USUAL_CYLINDERS);
            sigma = Marks.ASSUMED_DRAG_SPREAD_AT_CYLINDERS;
        }
        set(k, usual, sigma, Marks.ASSUMED_WIDENING * VehicleSpread.drag());
    }

    private static double spread(Battery battery) {
        return battery.internalOhms().logSpread();
    }

    /** A number in its own unit, as standard deviations of the class. */
    private void set(int k, double shift, double sigma, double unit) {
        mean[k] = shift / unit;
        variance[k] = sigma * sigma / unit / unit;
    }
}

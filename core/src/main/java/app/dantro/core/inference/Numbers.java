package app.dantro.core.inference;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Battery;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Load;
import app.dantro.core.circuit.Part;
import app.dantro.core.network.NumberKind;
import app.dantro.core.network.VehicleSpread;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.Set;

/**
 * What is known of the numbers that differ between vehicles before anything is read, in widened standard deviations of the
 * class: {@code θ_k ~ N(mean_k, variance_k)}, of which a share lasts from moment to moment. What was entered acts here, so
 * that one prepared circuit serves every vehicle of its kind.
 */
final class Numbers {
    /** Of the vehicles that the ready-made circuits stand for. */
    private static final double USUAL_CYLINDERS = 4;

    private static final Set<Condition> AT_IDLE = EnumSet.of(Condition.IDLE, Condition.IDLE_LOADED);

    final double[] mean;
    final double[] variance;
    /** By how much more each lies off at idle. */
    private final double[] idle;
    /** Covariance of a number between two moments. */
    final double[] lasting;

    Numbers(PreparedCircuit prepared, Entered entered, Experience experience) {
        int columns = prepared.columns();
        mean = new double[columns];
        variance = new double[columns];
        lasting = new double[columns];
        idle = new double[columns];
        Arrays.fill(variance, 1);
        Circuit circuit = prepared.circuit();
        for (int k = 0; k < columns; k++) {
            narrow(k, prepared.kind(k), circuit, entered);
        }
        for (Part part : circuit.parts()) {
            certified(prepared.columnOf(part.id()), part, prepared.celsius(), experience);
        }
        for (int k = 0; k < columns; k++) {
            lasting[k] = variance[k] * prepared.kind(k).lasting();
        }
    }

    /** What parts of its kind read on the shop's own vehicles. */
    private void certified(int k, Part part, double celsius, Experience experience) {
        CertifiedParts own = experience.certified(part.kind());
        if (own.told() > 0) {
            CertifiedParts.Written written = CertifiedParts.Written.of(part, celsius);
            mean[k] = written.ownMean(own);
            variance[k] = written.ownVariance(own);
        }
    }

    private void narrow(int k, NumberKind kind, Circuit circuit, Entered entered) {
        switch (kind) {
            case SETPOINT -> setPoint(k, circuit, entered);
            case LIMIT -> limit(k, circuit, entered);
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
            case RESIDUAL -> {
                if (entered.lithium()) {
                    double unit = Marks.ASSUMED_WIDENING * VehicleSpread.residualVolts();
                    set(k, Marks.ASSUMED_LITHIUM_VOLTS, Marks.ASSUMED_LITHIUM_SPREAD_VOLTS, unit);
                }
            }
            case AGE, LENGTH -> mean[k] = Marks.ASSUMED_OLDER_SIGMAS;
            default -> mean[k] = 0;
        }
    }

    /** A number's mean in a condition, in standard deviations. */
    double mean(int k, Condition condition) {
        return mean[k] + moreAtIdle(k, condition);
    }

    /** By how much more it lies off in a condition: an alternator's limit at idle goes by its own share. */
    double moreAtIdle(int k, Condition condition) {
        return AT_IDLE.contains(condition) ? idle[k] : 0;
    }

    /** The maker's figure says more than the strategy, unless a computer commands what it likes. */
    private void setPoint(int k, Circuit circuit, Entered entered) {
        double unit = Marks.ASSUMED_WIDENING * VehicleSpread.setpointVolts();
        boolean holds = entered.strategy().filter(s -> s == Strategy.SMART).isEmpty();
        if (entered.setPointVolts().isPresent() && holds) {
            double usual = circuit.alternator().orElseThrow().regulation().setpointVolts();
            double shift = (entered.setPointVolts().getAsDouble() - usual) / circuit.blocks();
            set(k, shift, Marks.ASSUMED_MAKERS_VOLTS, unit);
            return;
        }
        set(
                k,
                entered.strategy().map(Strategy::shiftVolts).orElse(Marks.ASSUMED_SHIFT_VOLTS),
                entered.strategy().map(Strategy::sigmaVolts).orElse(Marks.ASSUMED_SIGMA_VOLTS),
                unit);
    }

    private void limit(int k, Circuit circuit, Entered entered) {
        Alternator.Rating rating = circuit.alternator().orElseThrow().rating();
        double unit = Marks.ASSUMED_WIDENING * VehicleSpread.limit();
        entered.plateAmps()
                .ifPresent(plate -> set(k, Math.log(plate / rating.maxAmps()), Marks.ASSUMED_PLATE_SPREAD, unit));
        double usual = rating.share().getOrDefault(Condition.IDLE, 0.0);
        if (entered.idleShare().isPresent() && usual > 0) {
            idle[k] = Math.log(entered.idleShare().getAsDouble() / usual) / unit;
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

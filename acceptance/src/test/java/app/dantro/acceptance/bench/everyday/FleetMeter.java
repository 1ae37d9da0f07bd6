package app.dantro.acceptance.bench.everyday;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Random;

/** What a vehicle's own meter and clamp show, as it would be typed. */
final class FleetMeter {
    private final FleetVehicle.Meter meter;
    private final Random dice;

    FleetMeter(FleetVehicle.Meter meter, Random dice) {
        this.meter = meter;
        this.dice = dice;
    }

    /** True volts as they are typed: the meter's gain, its range, its last digit, the minus kept or not. */
    String volts(double ideal) {
        double value = ideal * meter.gain();
        int decimals = decimals(value);
        int digit = dice.nextInt(4) == 0 ? dice.nextInt(3) - 1 : 0;
        BigDecimal shown = BigDecimal.valueOf(value)
                .setScale(decimals, RoundingMode.HALF_EVEN)
                .add(BigDecimal.valueOf(digit, decimals));
        return (meter.writesSign() ? shown : shown.abs()).toPlainString();
    }

    private int decimals(double value) {
        for (double[] range : meter.ranges()) {
            if (Math.abs(value) < range[0]) {
                return (int) range[1];
            }
        }
        return (int) meter.ranges().get(meter.ranges().size() - 1)[1];
    }

    /** True amps as the clamp shows them, as a size. */
    double amps(double ideal) {
        double shown = Math.abs(ideal * meter.clamp().gain() + meter.clamp().zero());
        double step = Math.pow(10, -meter.clamp().decimals());
        return Math.rint(shown / step) * step;
    }
}

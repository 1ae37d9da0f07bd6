package app.dantro.acceptance.bench.vehicles;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PointId;
import app.dantro.core.network.OperatingPoint;
import app.dantro.core.reading.MeterRange;
import java.util.List;
import java.util.Random;

/** A meter, a clamp and a speed reader with their errors, in hands that slip now and then. */
final class Instruments {
    private static final double UNIFORM = Math.sqrt(3);
    private static final double GAIN = 0.005;
    private static final double DIGITS = 2;
    private static final double FLUTTER = 0.01;
    private static final double RUNNING_FLUTTER = 0.003;
    private static final double CLAMP_GAIN = 0.015;
    private static final double CLAMP_AMPS = 0.5;
    private static final double SPEED_SHARE = 0.01;

    private final Vehicle vehicle;
    private final World world;
    private final Random random;
    private final double gain;
    private final double clampGain;
    private final double clampAmps;

    Instruments(Vehicle vehicle, World world, long seed) {
        this.vehicle = vehicle;
        this.world = world;
        this.random = new Random(seed);
        this.gain = 1 + uniform(GAIN);
        this.clampGain = 1 + uniform(CLAMP_GAIN);
        this.clampAmps = uniform(CLAMP_AMPS);
    }

    /** What the display shows, and the worth of its last digit. */
    record Shown(double value, double resolution) {}

    /** One placement of the leads. */
    record Taken(Shown volts, Shown amps, Shown speed) {}

    Taken take(PointId red, PointId black, Condition condition) {
        OperatingPoint point = vehicle.in(condition);
        Shown volts = volts(point.between(red, black), condition);
        if (random.nextDouble() < world.slips()) {
            volts = slipped(volts, red, black, condition);
        }
        return new Taken(volts, amps(point, condition), speed(point));
    }

    /** The standing current with a meter in series. */
    Shown standingAmps() {
        double amps = vehicle.batteryAmps(vehicle.in(Condition.REST));
        return rounded(amps * gain + uniform(0.01), 0.01);
    }

    private Shown volts(double ideal, Condition condition) {
        double value = ideal * gain * (1 + flutter(condition) * random.nextGaussian());
        double step = MeterRange.finestFor(value).resolutionVolts();
        return rounded(value + uniform(DIGITS * step), step);
    }

    private Shown amps(OperatingPoint point, Condition condition) {
        double ideal = condition.running() ? vehicle.chargeAmps(point) : vehicle.batteryAmps(point);
        double value = ideal * clampGain * (1 + flutter(condition) * random.nextGaussian()) + clampAmps;
        return rounded(value, 1);
    }

    private Shown speed(OperatingPoint point) {
        return rounded(point.rpm() * (1 + SPEED_SHARE * random.nextGaussian()), 1);
    }

    private Shown slipped(Shown right, PointId red, PointId black, Condition condition) {
        return switch (random.nextInt(6)) {
            case 0 -> new Shown(right.value * 10, right.resolution * 10);
            case 1 -> new Shown(right.value / 10, right.resolution / 10);
            case 2 -> new Shown(right.value * 1000, right.resolution * 1000);
            case 3 -> new Shown(-right.value, right.resolution);
            case 4 -> rounded(uniform(0.002), 0.0001);
            default -> {
                List<Condition> others = List.of(Condition.REST, Condition.KEY_ON, Condition.ENGINE_OFF_LOAD);
                Condition other = others.get(random.nextInt(others.size()));
                yield volts(vehicle.in(other).between(red, black), other);
            }
        };
    }

    private static double flutter(Condition condition) {
        return condition.starterCalled() ? FLUTTER : condition.running() ? RUNNING_FLUTTER : 0;
    }

    private double uniform(double half) {
        return half / UNIFORM * random.nextGaussian();
    }

    private static Shown rounded(double value, double step) {
        return new Shown(Math.rint(value / step) * step, step);
    }
}

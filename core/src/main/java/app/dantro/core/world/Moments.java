package app.dantro.core.world;

import app.dantro.core.circuit.Battery.Source;
import app.dantro.core.circuit.Condition;
import java.util.OptionalDouble;

/** What each moment of one vehicle's day is like: loads, charge taken, surface charge, what a smart regulator asks for. */
final class Moments {
    private static final double EMPTY_VOLTS = 11.80;
    private static final double RISE_VOLTS = 0.92;
    private static final double FULL_VOLTS = 12.66;
    private static final double EMPTY_OHMS_RISE = 1.2;
    private static final double COLD_KELVIN = 30;
    private static final double COLD_OHMS = 0.4;
    private static final double COLD_POWER = 2.93;
    private static final double KELVIN_20 = 20;
    private static final double DRIVEN_IN = 0.3;
    private static final double SURFACE_MINUTES = 25;
    private static final double RECOVERS_VOLTS = -0.12;
    private static final double RECOVERED_VOLTS = 0.08;
    private static final double DRAG_SPREAD = 0.04;
    private static final double WARMING_VOLTS = 0.06;
    private static final double FAN = 0.05;
    private static final double LITHIUM_COLD_CELSIUS = 10;
    private static final double LITHIUM_COLD_TIMES = 3;
    private static final double MOST_OF_LIMIT = 0.85;
    private static final Spread CHARGE_AMPS = Spread.log(3, 70);
    private static final Spread FULL_AMPS = Spread.log(0.3, 6);

    private final Build build;
    private final long seed;
    private final double surface;
    private final double firstAmps;
    private final double fullAmps;
    private final double halving;

    Moments(Build build, long seed) {
        this.build = build;
        this.seed = seed;
        Dice dice = new Dice(seed);
        double sized = build.cell().ampHours() / 60;
        surface = dice.in(DRIVEN_IN) && !build.cell().lithium() ? dice.even(0, 0.3) : 0;
        firstAmps = sized * CHARGE_AMPS.at(dice.score());
        fullAmps = Math.min(firstAmps, sized * FULL_AMPS.at(dice.score()));
        halving = dice.even(4, 30);
    }

    /** The moment of a condition that comes {@code again} times after the first, at a minute of the day. */
    Now at(Condition condition, int again, int minute, OptionalDouble flat) {
        Dice dice = new Dice(seed * 31 + condition.ordinal() * 7919L + again);
        double drawn = amps(condition, dice);
        double set = set(condition, dice);
        double volts = build.cell().openVolts() + offset(condition, again, minute, drawn, dice);
        Source source = source(volts, condition.starterCalled() ? firstCold(again) : 1, set, minute);
        Source low = flat.isEmpty()
                ? source
                : source(
                        volts - build.cell().openVolts() + EMPTY_VOLTS + RISE_VOLTS * flat.getAsDouble(),
                        1 + EMPTY_OHMS_RISE * Math.pow(1 - flat.getAsDouble(), 2),
                        set,
                        0);
        return new Now(condition, minute, source, low, set, drawn, Math.exp(DRAG_SPREAD * dice.score()));
    }

    /** A cold lithium battery warms itself by its first crank. */
    private double firstCold(int again) {
        double cold = Math.max(0, Math.min(1, (LITHIUM_COLD_CELSIUS - build.celsius()) / LITHIUM_COLD_CELSIUS));
        return build.cell().lithium() && again == 0 ? 1 + (LITHIUM_COLD_TIMES - 1) * cold : 1;
    }

    /** A full battery after a night on the charger. */
    static Build charged(Build build) {
        Build.Cell cell = build.cell();
        return new Build(
                build.kind(),
                build.circuit(),
                build.celsius(),
                new Build.Cell(cell.chemistry(), Math.max(cell.openVolts(), FULL_VOLTS), cell.ohms(), cell.ampHours()),
                build.engine(),
                build.machine(),
                build.draws(),
                build.ohms(),
                build.effects(),
                build.heating());
    }

    private double offset(Condition condition, int again, int minute, double amps, Dice dice) {
        double left = surface * Math.exp(-minute / SURFACE_MINUTES);
        double tired = build.effects().contains(Effect.RECOVERING_BATTERY) && condition.starterCalled()
                ? again == 1 ? RECOVERS_VOLTS : again > 1 ? RECOVERED_VOLTS : 0
                : 0;
        return tired
                + switch (condition) {
                    case REST -> left;
                    case KEY_ON -> 0.3 * left - dice.even(0, 0.2);
                    case ENGINE_OFF_LOAD -> -amps * build.cell().ohms() * dice.even(0.5, 3) - dice.even(0, 0.2);
                    case CRANKING, START_ATTEMPT -> -dice.even(0, 0.10);
                    case PILE_ALTERNATOR, PILE_STARTER -> -dice.even(0.05, 0.3);
                    case AFTER_SWITCH_OFF -> dice.even(0, 0.55);
                    default -> 0.1;
                };
    }

    private Source source(double volts, double rise, double set, int minute) {
        double cold = Math.max(0, KELVIN_20 - build.celsius()) / COLD_KELVIN;
        double ohms = build.cell().ohms() * rise * (1 + COLD_OHMS * Math.pow(cold, COLD_POWER));
        double taken = Math.max(fullAmps, firstAmps * rise * Math.pow(0.5, minute / halving));
        double charge = Math.max(ohms, (set - volts) / taken);
        return new Source(volts, ohms, Math.min(2, charge));
    }

    private double amps(Condition condition, Dice dice) {
        Build.Draws draws = build.draws();
        double usual = Math.exp(0.15 * dice.score());
        return switch (condition) {
            case REST, PILE_ALTERNATOR, PILE_STARTER, AFTER_SWITCH_OFF -> draws.asleep();
            case KEY_ON, CRANKING, START_ATTEMPT -> draws.key() * usual;
            case ENGINE_OFF_LOAD -> draws.lights() * usual;
            case IDLE, RAISED -> draws.idle() * usual + fan(dice);
            default -> Math.min(draws.all() * usual + fan(dice), MOST_OF_LIMIT * most());
        };
    }

    private double most() {
        return build.machine().plateAmps() * build.machine().limit();
    }

    /** A fan, a heater or a steering pump that comes on in the middle of a hold. */
    private double fan(Dice dice) {
        boolean on = build.kind() != VehicleKind.MOTORCYCLE && dice.in(FAN);
        return on ? Math.min(dice.even(40, 80), 0.3 * most()) : 0;
    }

    private double set(Condition condition, Dice dice) {
        double drift = WARMING_VOLTS * dice.score();
        boolean forced = condition == Condition.IDLE_LOADED
                || condition == Condition.RAISED_LOADED
                || condition == Condition.FULL_OUTPUT;
        if (build.machine().charger() != Charger.SMART) {
            return build.machine().setVolts() + drift;
        }
        if (forced) {
            return Spread.even(13.6, 15.2).at(dice.score());
        }
        double asked = dice.even(0, 1);
        return asked < 0.4 ? dice.even(12.3, 13.1) : asked < 0.75 ? dice.even(13.1, 14.3) : dice.even(14.2, 15.2);
    }
}

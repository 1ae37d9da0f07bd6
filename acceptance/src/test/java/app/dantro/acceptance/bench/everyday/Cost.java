package app.dantro.acceptance.bench.everyday;

import app.dantro.acceptance.bench.everyday.FleetVehicle.Fault;
import app.dantro.acceptance.bench.everyday.FleetVehicle.Moment;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What the faults of a vehicle cost besides its speed: charging volts outside of what healthy vehicles show. A fault whose
 * readings all stay inside (docs/everyday.md) is not to be accused.
 */
record Cost(FleetVehicle vehicle) {
    /** Posts that stand this far off, per block, are complained of. */
    private static final double OFF_VOLTS = 0.35;

    /** Under this a block is flat (docs/everyday.md, base voltage). */
    private static final double FLAT_VOLTS = 12.25;

    /** What both sides of a healthy vehicle lose at the most, in V a block, and each in ohms. */
    private static final double BOTH_SIDES_VOLTS = 0.5;

    private static final double SUPPLY_OHMS = 6e-3;
    private static final double FAR_SUPPLY_OHMS = 9e-3;
    private static final double RETURN_OHMS = 1.8e-3;
    private static final double LEAST_AMPS = 10;
    private static final Set<String> FAR = Set.of("battery-boot", "battery-behind-cab", "truck-24v");

    /** What healthy machines hold at the posts, in V a block (docs/everyday.md, regulated voltage, idle, all loads). */
    private record Held(double leastVolts, double mostVolts) {
        boolean holds(double volts) {
            return volts >= leastVolts && volts <= mostVolts;
        }
    }

    private static final Map<String, Held> HELD = Map.of(
            "raised", new Held(13.6, 15.0), "raised_loaded", new Held(12.7, 15.2), "idle_loaded", new Held(12.1, 14.5));

    /** True if the posts stand where they would with nothing wrong, and nothing drains it. */
    boolean chargesAll() {
        boolean onlyFlat = faults("flat_battery") == vehicle.truth().faults().size();
        boolean stand = vehicle.truth().post().values().stream().noneMatch(this::far);
        return faults("drain") == 0 && (onlyFlat || stand);
    }

    boolean any() {
        boolean drains = faults("drain") > 0 && vehicle.complaint().contains("flat");
        return drains
                || faults("dead_cell") > 0
                || faults("flat_battery") > 0 && flat()
                || vehicle.truth().post().keySet().stream().anyMatch(this::off);
    }

    /** Under what a charged block rests at: the set of batteries, or one of it. */
    private boolean flat() {
        double set = FLAT_VOLTS * vehicle.systemVolts() / 12;
        return vehicle.in("rest", false).stream()
                .anyMatch(m -> rests(m, "post-plus", "post-minus") < set
                        || rests(m, "post-plus-a", "post-minus") < FLAT_VOLTS
                        || rests(m, "post-plus", "post-plus-a") < FLAT_VOLTS);
    }

    private double rests(Moment moment, String red, String black) {
        return vehicle.volts(moment, red, black).orElse(Double.MAX_VALUE);
    }

    private long faults(String kind) {
        return vehicle.truth().faults().stream()
                .filter(f -> f.kind().equals(kind))
                .count();
    }

    private boolean far(double volts) {
        return Math.abs(volts) > OFF_VOLTS * vehicle.systemVolts() / 12;
    }

    private boolean off(String condition) {
        boolean wiring = vehicle.truth().faults().stream().anyMatch(Fault::wiring);
        return far(vehicle.truth().post().get(condition))
                && vehicle.moments().stream()
                        .filter(m -> m.condition().equals(condition))
                        .anyMatch(m -> !held(condition, m) || wiring && loses(m));
    }

    private boolean held(String condition, Moment moment) {
        double posts = vehicle.volts(moment, "post-plus", "post-minus").orElseThrow();
        return HELD.get(condition).holds(posts * 12 / vehicle.systemVolts());
    }

    /** More over a side than healthy ones lose, by its volts or by its resistance. */
    private boolean loses(Moment moment) {
        boolean car = vehicle.points().contains("bplus");
        double supply = side(moment, car ? "bplus" : "regulator-output", "post-plus");
        double back = side(moment, "post-minus", car ? "alternator-case" : "regulator-ground");
        double most = FAR.contains(vehicle.circuit()) ? FAR_SUPPLY_OHMS : SUPPLY_OHMS;
        return supply + back > BOTH_SIDES_VOLTS * vehicle.systemVolts() / 12
                || amps(moment, "charge-cable").filter(a -> supply > most * a).isPresent()
                || amps(moment, "alternator")
                        .filter(a -> back > RETURN_OHMS * a)
                        .isPresent();
    }

    private Optional<Double> amps(Moment moment, String place) {
        return vehicle.amps(moment, place).map(Math::abs).filter(a -> a >= LEAST_AMPS);
    }

    private double side(Moment moment, String red, String black) {
        return vehicle.volts(moment, red, black).map(Math::abs).orElse(0.0);
    }
}

package app.dantro.acceptance.bench.everyday;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.databind.PropertyNamingStrategies;
import com.fasterxml.jackson.databind.annotation.JsonNaming;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A vehicle as another program drew and solved it, one line of a fleet's file.
 *
 * @param kind its class: car12, truck24, moto12, twin12
 * @param circuit the ready-made circuit a technician would pick
 * @param knows what may be entered
 * @param points names of the columns of {@link Moment#volts}
 * @param places names of the columns of {@link Moment#amps}
 * @param after the same vehicle with one part put right; of a fleet on file nobody can tell
 */
@JsonIgnoreProperties(ignoreUnknown = true)
@JsonNaming(PropertyNamingStrategies.SnakeCaseStrategy.class)
public record FleetVehicle(
        String id,
        @JsonProperty("class") String kind,
        int systemVolts,
        String circuit,
        double celsius,
        String complaint,
        String concern,
        boolean runs,
        Map<String, String> knows,
        Meter meter,
        Truth truth,
        Map<String, String> looks,
        List<String> points,
        List<String> places,
        List<Moment> moments,
        @JsonIgnore Function<String, FleetVehicle> after) {
    /** Under this name the looks list parts that lose more than everyday ones though no fault was put in; none in most worlds. */
    static final String BEYOND = "beyond";

    /** A starter slower than this share is complained of. */
    private static final double SLOW = 0.8;

    /** The technician's instruments; a range is [up to volts, decimals]. */
    @JsonNaming(PropertyNamingStrategies.SnakeCaseStrategy.class)
    record Meter(double gain, List<double[]> ranges, boolean writesSign, Clamp clamp, boolean pile) {
        Meter withoutPile() {
            return new Meter(gain, ranges, writesSign, clamp, false);
        }
    }

    record Clamp(boolean owned, double gain, double zero, int decimals) {}

    /** What is wrong with it, and what that costs. */
    @JsonIgnoreProperties(ignoreUnknown = true)
    record Truth(String kind, double speed, Map<String, Double> post, List<Fault> faults) {}

    @JsonIgnoreProperties(ignoreUnknown = true)
    @JsonNaming(PropertyNamingStrategies.SnakeCaseStrategy.class)
    record Fault(String kind, String part, List<String> sameStretch, boolean follows) {
        /** The part, and those that no recorded point splits from it. */
        Stream<String> named() {
            return Stream.concat(Stream.of(part), sameStretch == null ? Stream.empty() : sameStretch.stream());
        }

        boolean wiring() {
            return kind.equals("added_resistance") || kind.equals("open");
        }
    }

    /** What every pair of points reads at one moment, above the − post, and the amps of some places. */
    @JsonIgnoreProperties(ignoreUnknown = true)
    @JsonNaming(PropertyNamingStrategies.SnakeCaseStrategy.class)
    record Moment(
            String condition,
            int minute,
            double[] volts,
            double[] amps,
            double rpm,
            double ripple,
            double setAmps,
            boolean charged) {}

    /** The vehicle after a repair, if that can be known. */
    Optional<FleetVehicle> repaired(String part) {
        return Optional.ofNullable(after).map(f -> f.apply(part));
    }

    boolean healthy() {
        return truth.faults().isEmpty();
    }

    /** True if anybody hears that it turns slower than it did. */
    boolean cranksSlowly() {
        return truth.speed() < SLOW;
    }

    /** True if its posts stand where they would with nothing wrong, and nothing drains it. */
    boolean charges() {
        return runs && new Cost(this).chargesAll();
    }

    /** True if what is wrong costs what a driver would notice. */
    boolean costsItsComplaint() {
        return cranksSlowly() || new Cost(this).any();
    }

    /** True if nothing is wrong with a part: no fault was put in, and it is no worse than everyday ones. */
    boolean good(String part) {
        return !rightNames().contains(part) && !beyond().contains(part);
    }

    /** True if parts beside the faulty ones are worse than any everyday vehicle's. */
    boolean elseBeyond() {
        return !rightNames().containsAll(beyond());
    }

    private List<String> beyond() {
        String named = looks.getOrDefault(BEYOND, "");
        return named.isEmpty() ? List.of() : List.of(named.split(","));
    }

    /** Every name that may be said of it. */
    Set<String> rightNames() {
        return truth.faults().stream().flatMap(Fault::named).collect(Collectors.toSet());
    }

    /** Volts from red to black at a moment; empty if a point was not recorded. */
    Optional<Double> volts(Moment moment, String red, String black) {
        int r = points.indexOf(red);
        int b = points.indexOf(black);
        return r < 0 || b < 0 ? Optional.empty() : Optional.of(moment.volts()[r] - moment.volts()[b]);
    }

    Optional<Double> amps(Moment moment, String place) {
        int at = places.indexOf(place);
        return at < 0 ? Optional.empty() : Optional.of(moment.amps()[at]);
    }

    List<Moment> in(String condition, boolean charged) {
        List<Moment> all =
                moments.stream().filter(m -> m.condition().equals(condition)).toList();
        List<Moment> same = all.stream().filter(m -> m.charged() == charged).toList();
        return same.isEmpty() ? all : same;
    }
}

package app.dantro.server.demo;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.network.Fault;
import app.dantro.core.record.Repair;
import app.dantro.core.record.Topic;
import app.dantro.server.demo.DemoHands.Visit;
import app.dantro.server.store.VehicleDetail;
import app.dantro.server.store.VehicleDetailStore;
import app.dantro.server.store.VehicleField;
import java.time.Clock;
import java.time.YearMonth;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Four years of the van: the end of its strap ages, is cleaned, and comes back. */
@Component
@ConditionalOnProperty("dantro.demo")
final class DemoYears {
    private static final PartId STRAP_END = PartId.of("strap-end-block");
    private static final int HOURS_A_MONTH = 730;
    private static final int BATTERY_MONTHS_AGO = 58;
    /** A visit with more than this came for it; the others are the yearly check. */
    private static final double WORSE_MILLIOHMS = 5;

    private static final List<Year> YEARS = List.of(
            new Year(47, "first check", 0, "41200"),
            new Year(35, "yearly check", 0.2, "58900"),
            new Year(22, "cranks slowly on wet mornings", 9, "79400"),
            new Year(14, "cranks slowly again after rain", 12, "91100"),
            new Year(11, "check after the repair", 0.1, "95800"),
            new Year(7, "summer check", 0.22, "101300"),
            new Year(3, "check before winter", 0.34, "106500"));

    private final DemoHands hands;
    private final VehicleDetailStore vehicles;
    private final Clock clock;

    DemoYears(DemoHands hands, VehicleDetailStore vehicles, Clock clock) {
        this.hands = hands;
        this.vehicles = vehicles;
        this.clock = clock;
    }

    /** @param milliohms what the strap's end had gained by then */
    private record Year(int monthsAgo, String complaint, double milliohms, String odometer) {
        private List<Fault> faults() {
            return milliohms == 0 ? List.of() : List.of(new Fault.AddedResistance(STRAP_END, milliohms / 1000));
        }
    }

    /** The vehicle, with all that happened to it before. */
    UUID ofTheVan() {
        DemoVehicle van = DemoVehicle.TAMBLIN;
        Optional<UUID> known = Optional.empty();
        for (Year year : YEARS) {
            Visit visit = new Visit(van.vehicle, year.complaint, van.circuit, van.concern);
            UUID id = hands.open(visit, year.faults(), year.monthsAgo * HOURS_A_MONTH, known);
            known = known.or(() -> Optional.of(id));
            work(id, year);
        }
        UUID vehicle = known.orElseThrow();
        Map.of(
                        VehicleField.PLATE, "KX 12 LOM",
                        VehicleField.YEAR, "2014",
                        VehicleField.ENGINE, "1.4 petrol, 4 cylinders",
                        VehicleField.BATTERY, "AGM, in the engine bay",
                        VehicleField.FITTED, fitted())
                .forEach((field, value) -> vehicles.say(new VehicleDetail(
                        DemoHands.id(field.name()), vehicle, field, value, DemoHands.BY, clock.millis())));
        return vehicle;
    }

    private String fitted() {
        return YearMonth.now(clock).minusMonths(BATTERY_MONTHS_AGO).toString();
    }

    private void work(UUID id, Year year) {
        boolean came = year.milliohms > WORSE_MILLIOHMS;
        hands.state(id, Topic.SYMPTOM, came ? "SLOW" : "CHECK");
        hands.state(id, Topic.ODOMETER, year.odometer);
        hands.read(id, "post-plus", "post-minus", Condition.REST);
        walk(id);
        if (came) {
            hands.repaired(id, STRAP_END, Repair.Action.CLEANED, "Paint and rust under the ring.");
            walk(id);
            hands.passed(id);
        } else {
            hands.state(id, Topic.CRANKS, "NORMALLY");
            charging(id);
            hands.state(id, Topic.ENDED, "GOOD");
        }
    }

    private void walk(UUID id) {
        hands.read(id, "post-plus", "post-minus", Condition.CRANKING);
        hands.read(id, "post-plus", "motor-stud", Condition.CRANKING);
        hands.read(id, "starter-case", "post-minus", Condition.CRANKING);
        hands.read(id, "block", "strap-engine", Condition.CRANKING);
        hands.read(id, "strap-engine", "strap-body", Condition.CRANKING);
    }

    private void charging(UUID id) {
        hands.read(id, "post-plus", "post-minus", Condition.IDLE);
        hands.read(id, "post-plus", "post-minus", Condition.RAISED_LOADED);
        hands.read(id, "bplus", "post-plus", Condition.RAISED_LOADED);
        hands.read(id, "post-minus", "alternator-case", Condition.RAISED_LOADED);
    }
}

package app.dantro.acceptance.bench.everyday;

import app.dantro.core.record.Topic;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** What is known of the vehicle and may be entered: plate, strategy, chemistry, and what else the program asks for. */
final class Knowledge {
    private static final Map<String, String> TOPICS = Map.of(
            "plate_amps", "RATED_AMPS",
            "strategy", "STRATEGY",
            "chemistry", "CHEMISTRY",
            "battery_amp_hours", "BATTERY_AMP_HOURS",
            "cylinders", "CYLINDERS");

    private Knowledge() {}

    /** Enters what the program has a field for. */
    static void say(FleetVehicle vehicle, Technician technician) {
        vehicle.knows()
                .forEach((name, value) ->
                        topic(name).ifPresent(topic -> technician.say(topic, value.toUpperCase(Locale.ROOT))));
    }

    private static Optional<Topic> topic(String name) {
        return Optional.ofNullable(TOPICS.get(name))
                .flatMap(wanted -> java.util.Arrays.stream(Topic.values())
                        .filter(t -> t.name().equals(wanted))
                        .findFirst());
    }
}

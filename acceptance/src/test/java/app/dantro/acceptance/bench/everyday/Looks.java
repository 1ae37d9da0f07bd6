package app.dantro.acceptance.bench.everyday;

import app.dantro.core.procedure.Step;
import app.dantro.core.record.OutOfReach;
import app.dantro.core.record.Topic;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What a technician answers when something is to be seen or tried. */
final class Looks {
    private Looks() {}

    /** What is typed for a topic that is asked for, if the technician can tell. */
    static Optional<String> seen(FleetVehicle vehicle, Technician technician, Step.ToSee item) {
        Topic topic = item.topic();
        if (topic == Topic.OPENED) {
            return Optional.of(bad(vehicle, item));
        }
        String looked = vehicle.looks().get(topic.name().toLowerCase(Locale.ROOT));
        if (looked != null) {
            return Optional.of(looked);
        }
        boolean machine = vehicle.truth().faults().stream()
                .anyMatch(f -> f.part().equals("alternator") && !f.kind().equals("belt_slip"));
        boolean starter = vehicle.truth().faults().stream()
                .anyMatch(f -> f.part().equals("starter") && !f.kind().equals("drag"));
        return switch (topic) {
            case PLUG_FED, CHARGED_APART -> Optional.of("YES");
            case FIELD_ANSWERS, GENERATOR_GOOD -> Optional.of(machine ? "NO" : "YES");
            case LOWER_APART -> Optional.of(lower(vehicle));
            case STARTER_BENCH -> Optional.of(starter ? "FAILS" : "PASSES");
            case LAMP -> Optional.of("OUT");
            case CRANKS ->
                Optional.of(
                        vehicle.truth().speed() == 0 ? "NOT_AT_ALL" : vehicle.cranksSlowly() ? "SLOWLY" : "NORMALLY");
            case RIPPLE_LOADED -> technician.ripple();
            case STANDING_CURRENT -> technician.standing();
            default -> Optional.empty();
        };
    }

    /** Parted, charged and rested, a battery with a dead cell is two volts lower than its neighbour. */
    private static String lower(FleetVehicle vehicle) {
        return vehicle.truth().faults().stream()
                .filter(f -> f.kind().equals("dead_cell"))
                .findFirst()
                .map(f -> f.part().equals("battery-b") ? "SECOND" : "FIRST")
                .orElse("ALIKE");
    }

    /** Whoever opens a stretch sees which of its parts is the bad one, or that none is. */
    private static String bad(FleetVehicle vehicle, Step.ToSee item) {
        List<String> faulty =
                vehicle.truth().faults().stream().map(f -> f.part()).toList();
        return item.options().stream()
                .map(Step.Option::value)
                .filter(faulty::contains)
                .findFirst()
                .orElse(OutOfReach.NONE);
    }
}

package app.dantro.acceptance.bench.everyday;

import app.dantro.core.circuit.Loop;
import app.dantro.core.record.Topic;
import java.util.Map;

/** What the customer says, as it is entered when the vehicle comes in. */
final class Complaints {
    private static final Map<String, String> STARTING = Map.of(
            "cranks slowly", "SLOW",
            "slow crank on a cold morning", "SLOW",
            "clicks, does not turn", "CLICK",
            "no crank", "NOTHING",
            "chatters, does not turn", "CHATTERS",
            "preventive check", "CHECK");
    private static final Map<String, String> CHARGING = Map.of(
            "charges too little", "UNDERCHARGES",
            "dim lights", "UNDERCHARGES",
            "does not charge", "NOT_CHARGING",
            "charge lamp came on once", "LAMP_ON",
            "overcharges", "OVERCHARGES",
            "flat in the morning", "FLAT_MORNING",
            "battery was flat once", "FLAT_MORNING",
            "preventive check", "CHECK");

    private Complaints() {}

    static Loop concern(FleetVehicle vehicle) {
        return vehicle.concern().equals("starting") ? Loop.STARTING : Loop.CHARGING;
    }

    /** Says it; what a word of the customer means nothing to is left out. */
    static void say(FleetVehicle vehicle, Technician technician) {
        boolean starting = concern(vehicle) == Loop.STARTING;
        Topic topic = starting ? Topic.SYMPTOM : Topic.CHARGING_SYMPTOM;
        String value = (starting ? STARTING : CHARGING).get(vehicle.complaint());
        if (value != null && topic.answers().stream().anyMatch(a -> a.name().equals(value))) {
            technician.say(topic, value);
        }
        if (!starting) {
            technician.say(
                    Topic.SYMPTOM, vehicle.runs() ? "STARTS" : vehicle.truth().speed() > 0 ? "SLOW" : "CLICK");
        }
    }
}

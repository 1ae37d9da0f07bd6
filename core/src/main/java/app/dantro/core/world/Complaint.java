package app.dantro.core.world;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Loop;
import app.dantro.core.network.Fault;
import java.util.List;

/**
 * What a driver says.
 *
 * @param words as they are said
 * @param concern the side they send the technician to
 */
public record Complaint(String words, Loop concern) {
    private static final double SLOW = 0.8;
    private static final double OFF_VOLTS = 0.35;
    private static final double CHECK_WHEN_HEALTHY = 0.5;
    private static final double CHECK_WHEN_FAULTY = 0.1;
    private static final double OTHER_SIDE = 0.05;
    private static final List<String> OF_STARTING = List.of("cranks slowly", "slow crank on a cold morning");
    private static final List<String> OF_CHARGING =
            List.of("battery was flat once", "charge lamp came on once", "dim lights");

    static Complaint of(EverydayVehicle vehicle, Dice dice) {
        double turn = vehicle.speed();
        boolean starting = turn < SLOW;
        boolean charging = !starting && offVolts(vehicle) > OFF_VOLTS;
        boolean drained = vehicle.ills().stream().anyMatch(i -> i.fault() instanceof Fault.Drain);
        boolean healthy = vehicle.ills().isEmpty();
        if (dice.in(healthy ? CHECK_WHEN_HEALTHY : CHECK_WHEN_FAULTY) && vehicle.runs()) {
            return new Complaint("preventive check", dice.in(0.5) ? Loop.STARTING : Loop.CHARGING);
        }
        boolean other = dice.in(OTHER_SIDE) && vehicle.runs();
        if (starting != other && (starting || charging)) {
            return new Complaint(turn == 0 ? vehicle.heard() : dice.of(OF_STARTING), Loop.STARTING);
        }
        if (drained) {
            return new Complaint("flat in the morning", Loop.CHARGING);
        }
        if (charging || starting) {
            return new Complaint(charging ? charges(vehicle, dice) : dice.of(OF_CHARGING), Loop.CHARGING);
        }
        boolean says = dice.in(0.4);
        return new Complaint(dice.of(says ? OF_STARTING : OF_CHARGING), says ? Loop.STARTING : Loop.CHARGING);
    }

    private static String charges(EverydayVehicle vehicle, Dice dice) {
        double off = vehicle.runs() ? vehicle.postOff(Condition.RAISED) : 0;
        if (off > OFF_VOLTS) {
            return "overcharges";
        }
        return off < -1
                ? dice.of(List.of("does not charge", "charge lamp came on once"))
                : dice.of(List.of("charges too little", "dim lights", "battery was flat once"));
    }

    private static double offVolts(EverydayVehicle vehicle) {
        if (!vehicle.runs()) {
            return 0;
        }
        double most = 0;
        for (Condition condition : List.of(Condition.RAISED, Condition.RAISED_LOADED)) {
            most = Math.max(
                    most,
                    Math.abs(vehicle.postOff(condition)) / vehicle.circuit().blocks());
        }
        return most;
    }
}

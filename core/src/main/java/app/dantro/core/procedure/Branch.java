package app.dantro.core.procedure;

import app.dantro.core.record.Answer;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;
import java.util.Arrays;
import java.util.List;

/** Where a symptom sends the search, with the reason (docs/job.md, before measuring; when may a component be called faulty). */
public enum Branch {
    NOTHING(
            Topic.SYMPTOM,
            Answer.NOTHING,
            "No click: little or nothing reaches the solenoid. Volts at the trigger with the key held, then switch, interlock, relay; then the big current's way."),
    CLICK(
            Topic.SYMPTOM,
            Answer.CLICK,
            "A click and no crank: an open place takes nearly all the volts, or the battery gives way. Hold the key and read both sides; the posts tell which."),
    CHATTERS(
            Topic.SYMPTOM,
            Answer.CHATTERS,
            "It engages and lets go: a flat battery or a bad way to it. Base voltage first, then the posts while the key is held."),
    SLOW(
            Topic.SYMPTOM,
            Answer.SLOW,
            "Current flows, so drops can be read: battery while cranking, both sides with the current, then the walk."),
    DIES(
            Topic.SYMPTOM,
            Answer.DIES,
            "The starter does its work. What keeps the engine alive comes after it: idle voltage, and what the ignition gets while cranking."),
    INTERMITTENT(
            Topic.SYMPTOM,
            Answer.INTERMITTENT,
            "Read cold and warm, and wiggle while watching. One good pass closes nothing."),
    STARTS(Topic.SYMPTOM, Answer.STARTS, "It starts well: the charging side."),
    NOT_CHARGING(
            Topic.CHARGING_SYMPTOM,
            Answer.NOT_CHARGING,
            "Feed check with the key on, then B+ to its own case at speed: a high one is the wiring, one at battery voltage is not made."),
    UNDERCHARGES(
            Topic.CHARGING_SYMPTOM,
            Answer.UNDERCHARGES,
            "Loaded voltage against the base, then both sides with the current. The part lies between what is sensed and the battery, or the machine is at its limit."),
    LAMP_ON(
            Topic.CHARGING_SYMPTOM,
            Answer.LAMP_ON,
            "The lamp speaks for the charging system, not for the battery. Feed check, then the output."),
    LAMP_DIM(
            Topic.CHARGING_SYMPTOM,
            Answer.LAMP_DIM,
            "A dim lamp is a difference between both its ends: a diode, or a drop between B+ and the ignition feed. Ripple, then the supply side."),
    OVERCHARGES(
            Topic.CHARGING_SYMPTOM,
            Answer.OVERCHARGES,
            "Above 16 V (24 V: 32) stop. Else what is sensed: sense wire, feed, and the ground the regulator or computer stands on, all loads on."),
    UNSTEADY(
            Topic.CHARGING_SYMPTOM,
            Answer.UNSTEADY,
            "Lowest and highest together: belt, joints, plug pins, sense lead, brushes. Wiggle while watching, cold and warm."),
    FLAT_MORNING(
            Topic.CHARGING_SYMPTOM,
            Answer.FLAT_MORNING,
            "Does it charge by day? If it does: standing current after the sleep time, ripple and diodes, then branch by branch."),
    DIES_DRIVING(
            Topic.CHARGING_SYMPTOM,
            Answer.DIES_DRIVING,
            "The battery carried everything: loaded voltage at speed, belt under load, then the output's way, cold and warm.");

    private final Topic topic;
    private final Answer value;
    private final String points;

    Branch(Topic topic, Answer value, String points) {
        this.topic = topic;
        this.value = value;
        this.points = points;
    }

    /** Where it sends the search. */
    public String points() {
        return points;
    }

    /** The branches of what was stated. */
    public static List<Branch> of(Statements said) {
        return Arrays.stream(values()).filter(b -> said.says(b.topic, b.value)).toList();
    }
}

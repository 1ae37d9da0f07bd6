package app.dantro.core.record;

import app.dantro.core.circuit.Loop;
import java.util.List;

/**
 * What customers say when they bring a vehicle, which loop it is about, and as which symptom it goes on record.
 *
 * @param symptom an answer of {@link #topic()}
 */
public record CustomerWords(String words, Loop concern, Answer symptom) {
    /** The usual ones, those of starting first. */
    public static final List<CustomerWords> USUAL = List.of(
            starting("cranks slowly", Answer.SLOW),
            starting("nothing happens at the key", Answer.NOTHING),
            starting("single click, no crank", Answer.CLICK),
            starting("cranks, then dies", Answer.DIES),
            starting("only now and then", Answer.INTERMITTENT),
            charging("battery flat in the morning", Answer.FLAT_MORNING),
            charging("charge lamp on", Answer.LAMP_ON),
            charging("charge lamp dim", Answer.LAMP_DIM),
            charging("charges too little", Answer.UNDERCHARGES),
            charging("bulbs blow, battery smells", Answer.OVERCHARGES),
            charging("lights flicker", Answer.UNSTEADY),
            charging("dies while driving", Answer.DIES_DRIVING),
            charging("nothing: a check", Answer.CHECK));

    /** What is quickly asked at the door. */
    public static final List<Topic> AT_THE_DOOR = List.of(Topic.ENGINE, Topic.CHARGER, Topic.CLAMP);

    public CustomerWords {
        topic(concern).refusal(symptom.name()).ifPresent(wrong -> {
            throw new IllegalArgumentException(wrong);
        });
    }

    /** Where the symptom goes on record. */
    public Topic topic() {
        return topic(concern);
    }

    private static Topic topic(Loop concern) {
        return concern == Loop.STARTING ? Topic.SYMPTOM : Topic.CHARGING_SYMPTOM;
    }

    private static CustomerWords starting(String words, Answer symptom) {
        return new CustomerWords(words, Loop.STARTING, symptom);
    }

    private static CustomerWords charging(String words, Answer symptom) {
        return new CustomerWords(words, Loop.CHARGING, symptom);
    }
}

package app.dantro.core.world;

import app.dantro.core.circuit.Condition;
import java.util.ArrayList;
import java.util.List;

/** The order of a day in the workshop. */
final class Day {
    static final List<Visit> VISITS = visits();

    private Day() {}

    /** @param again how often the condition was there before */
    record Visit(Condition condition, int again, int minute) {}

    /** Every moment that a vehicle comes to. */
    static List<Moment> of(Body body, boolean runs) {
        boolean turns = body.rpm() > 0;
        return VISITS.stream()
                .filter(v -> !v.condition().running() || runs)
                .filter(v -> v.condition() != Condition.CRANKING || turns)
                .map(v -> body.at(v.condition(), v.again(), v.minute()))
                .toList();
    }

    private static List<Visit> visits() {
        List<Visit> all = new ArrayList<>();
        add(all, Condition.REST, 0);
        add(all, Condition.KEY_ON, 2, 40);
        add(all, Condition.ENGINE_OFF_LOAD, 4, 7);
        add(all, Condition.START_ATTEMPT, 9, 42);
        add(all, Condition.CRANKING, 10, 11, 60);
        add(all, Condition.IDLE, 13, 31);
        add(all, Condition.IDLE_LOADED, 15, 34);
        add(all, Condition.RAISED, 17, 30, 36);
        add(all, Condition.RAISED_LOADED, 19, 24, 33);
        add(all, Condition.FULL_OUTPUT, 26, 35);
        add(all, Condition.HIGH_SPEED, 37);
        add(all, Condition.AFTER_SWITCH_OFF, 38);
        add(all, Condition.PILE_STARTER, 42);
        add(all, Condition.PILE_ALTERNATOR, 45);
        return all;
    }

    private static void add(List<Visit> all, Condition condition, int... minutes) {
        for (int i = 0; i < minutes.length; i++) {
            all.add(new Visit(condition, i, minutes[i]));
        }
    }
}

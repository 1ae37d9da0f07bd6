package app.dantro.core.procedure;

import app.dantro.core.finding.Findings;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * How far the order of work was followed: what was passed, where the work stands, and what was passed over on the way.
 *
 * @param calls in the order of work
 * @param branches where the symptom sends the search
 */
public record Course(List<Call> calls, List<Branch> branches) {
    public Course {
        calls = List.copyOf(calls);
        branches = List.copyOf(branches);
    }

    /** One station and where it stands. */
    public record Call(Station station, State state) {}

    /** Where a station stands. */
    public enum State {
        PASSED("done"),
        NOW("now"),
        SKIPPED("skipped"),
        LATER("not reached");

        private final String words;

        State(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** The course of a case: the station behind the last one that was passed is the one to be at now. */
    public static Course of(Findings findings, Stage stage) {
        List<Station> order = Arrays.stream(Station.values())
                .filter(s -> s.appliesTo(findings))
                .toList();
        List<Boolean> passed = order.stream().map(s -> s.passed(findings)).toList();
        int last = passed.lastIndexOf(true);
        boolean over = stage.closed();
        List<Call> calls = new ArrayList<>();
        for (int i = 0; i < order.size(); i++) {
            State open = i < last ? State.SKIPPED : i == last + 1 && !over ? State.NOW : State.LATER;
            calls.add(new Call(order.get(i), passed.get(i) ? State.PASSED : open));
        }
        return new Course(calls, Branch.of(findings.evidence().statements()));
    }

    /** What was passed over. */
    public List<Station> skipped() {
        return calls.stream()
                .filter(c -> c.state() == State.SKIPPED)
                .map(Call::station)
                .toList();
    }
}

package app.dantro.server.job;

import app.dantro.core.circuit.ReadyMadeCircuits;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.server.problem.ProblemException;
import java.util.Map;

/** The ready-made circuits a case can be opened with. */
public final class Circuits {
    private static final Map<String, SeriesLoop> READY_MADE =
            Map.of("petrol-body-return", ReadyMadeCircuits.petrolBodyReturn());

    private Circuits() {}

    public static SeriesLoop named(String id) {
        SeriesLoop loop = READY_MADE.get(id);
        if (loop == null) {
            throw ProblemException.field(
                    "circuit", "There is no circuit (%s). Ready-made ones: %s.".formatted(id, READY_MADE.keySet()));
        }
        return loop;
    }
}

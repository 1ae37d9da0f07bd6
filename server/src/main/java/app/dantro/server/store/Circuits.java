package app.dantro.server.store;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.network.StartingLoop;
import app.dantro.server.format.BadFile;
import app.dantro.server.format.CircuitFormat;
import app.dantro.server.problem.ProblemException;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.stereotype.Component;

/** Circuits by their text in the case file; the last few are kept, since most cases share one. */
@Component
public final class Circuits {
    private static final int KEPT = 64;
    private final Map<String, Built> recent = Collections.synchronizedMap(new LinkedHashMap<>(KEPT, 0.75f, true) {
        private static final long serialVersionUID = 1;

        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Built> eldest) {
            return size() > KEPT;
        }
    });

    private record Built(Circuit circuit, SeriesLoop loop) {}

    /** @throws ProblemException naming the field, if the circuit cannot be worked on */
    public CaseCircuit of(int version, String json) {
        Built built = recent.get(json);
        if (built == null) {
            built = build(json);
            recent.put(json, built);
        }
        return new CaseCircuit(version, json, built.circuit, built.loop);
    }

    private static Built build(String json) {
        try {
            Circuit circuit = CircuitFormat.parse(json);
            return new Built(circuit, StartingLoop.of(circuit));
        } catch (BadFile e) {
            throw ProblemException.field("circuit", e.line());
        } catch (IllegalArgumentException e) {
            throw ProblemException.field("circuit", e.getMessage());
        }
    }
}

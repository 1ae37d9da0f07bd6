package app.dantro.server.store;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.network.StartingLoop;
import app.dantro.server.format.BadFile;
import app.dantro.server.format.CircuitFormat;
import app.dantro.server.problem.ProblemException;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import org.springframework.stereotype.Component;

/** Circuits by their text in the case file; the last few are kept, since most cases share one. */
@Component
public final class Circuits {
    private static final int KEPT = 64;
    private final Cache<String, Built> recent =
            Caffeine.newBuilder().maximumSize(KEPT).build();

    private record Built(Circuit circuit, SeriesLoop loop) {}

    /** @throws ProblemException naming the field, if the circuit cannot be worked on */
    public CaseCircuit of(int version, String json) {
        Built built = recent.get(json, Circuits::build);
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

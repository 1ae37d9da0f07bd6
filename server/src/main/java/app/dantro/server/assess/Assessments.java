package app.dantro.server.assess;

import app.dantro.core.inference.Complaint;
import app.dantro.core.inference.PreparedCircuit;
import app.dantro.core.limits.OwnSets;
import app.dantro.core.procedure.Assessment;
import app.dantro.core.procedure.OrderOfWork;
import app.dantro.core.standing.Foretold;
import app.dantro.server.store.StoredCase;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** What follows from cases, kept: the Bay shows the same ones again and again, and what follows from a record never changes. */
@Component
public class Assessments {
    private static final int KEPT = 64;

    private final OrderOfWork order;
    private final PreparedCircuits prepared;
    private final Map<Assessed, Assessment> recent =
            Collections.synchronizedMap(new LinkedHashMap<>(KEPT, 0.75f, true) {
                private static final long serialVersionUID = 1;

                @Override
                protected boolean removeEldestEntry(Map.Entry<Assessed, Assessment> eldest) {
                    return size() > KEPT;
                }
            });

    private record Assessed(StoredCase file, boolean judged) {}

    Assessments(OrderOfWork order, PreparedCircuits prepared) {
        this.order = order;
        this.prepared = prepared;
    }

    /** Everything that follows from a case's events; the judgement too, once the circuit is ready for it. */
    public Assessment of(StoredCase file) {
        return of(file, prepared.of(file));
    }

    /** The same without asking for a circuit that is not ready. */
    public Assessment ifReady(StoredCase file) {
        return of(file, prepared.ifReady(file));
    }

    /** What follows by rules alone. */
    public Assessment byRules(StoredCase file) {
        return order.assess(file.record().concern(), file.evidence());
    }

    private Assessment of(StoredCase file, Optional<PreparedCircuit> circuit) {
        Assessed key = new Assessed(file, circuit.isPresent());
        Assessment known = recent.get(key);
        if (known == null) {
            known = circuit.map(c -> order.assess(
                            file.record().concern(),
                            file.evidence(),
                            OwnSets.none(),
                            c,
                            Foretold.by(c, Complaint.about(file.record().concern()))))
                    .orElseGet(() -> byRules(file));
            recent.put(key, known);
        }
        return known;
    }
}

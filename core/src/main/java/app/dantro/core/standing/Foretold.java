package app.dantro.core.standing;

import app.dantro.core.circuit.PartId;
import app.dantro.core.inference.Complaint;
import app.dantro.core.inference.Posterior;
import app.dantro.core.inference.PreparedCircuit;
import app.dantro.core.record.CaseRecord;
import java.util.Optional;

/** What a repair was foretold to change: worked out from the record as it stood then, so it never changes again. */
public interface Foretold {
    /** For the repair of a part; empty if no explanation called it bad. */
    Optional<WhatIf> before(CaseRecord record, PartId part);

    /** Nothing: while a circuit is being prepared nothing can be foretold. */
    static Foretold nothing() {
        return (record, part) -> Optional.empty();
    }

    /** Worked out anew each time. */
    static Foretold by(PreparedCircuit prepared, Complaint complaint) {
        return (record, part) -> WhatIf.of(Posterior.of(prepared, CaseInference.of(record, complaint)), part);
    }
}

package app.dantro.server.store;

import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.circuit.Loop;
import app.dantro.core.limits.OwnSets;
import app.dantro.core.procedure.Basis;
import app.dantro.server.OneServer;
import app.dantro.server.format.CircuitFormat;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;

/** A running server and a new case in its database. */
abstract class NewCaseInStore extends OneServer {
    static final String CAR = CircuitFormat.readyMade("petrol-car");

    final UUID caseId = UUID.randomUUID();

    final CaseHead head = new CaseHead(caseId, "Van", "slow", Loop.STARTING, 22.3, "t", 1_000);

    @BeforeEach
    void open() {
        assertThat(store(CaseStore.class)
                        .add(head, Optional.empty(), CAR, Basis.with(OwnSets.none()), Optional.empty()))
                .isTrue();
    }

    static <T> T store(Class<T> type) {
        return server.bean(type);
    }
}

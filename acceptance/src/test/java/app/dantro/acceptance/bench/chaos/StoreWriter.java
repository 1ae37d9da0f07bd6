package app.dantro.acceptance.bench.chaos;

import app.dantro.core.circuit.Loop;
import app.dantro.core.limits.OwnSets;
import app.dantro.core.procedure.Basis;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Topic;
import app.dantro.server.db.DataFolder;
import app.dantro.server.store.CaseHead;
import app.dantro.server.store.CaseStore;
import app.dantro.server.store.EventStore;
import app.dantro.server.store.StoredStatement;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.annotation.AnnotationConfigApplicationContext;

/** The stores alone, without the program around them: writes entries until it is killed, and says each that is on record. */
final class StoreWriter {
    static final String ON_RECORD = "on record ";

    private StoreWriter() {}

    /** @param args the data folder, and how many entries at the most */
    public static void main(String[] args) {
        DataFolder folder = DataFolder.open(Path.of(args[0]));
        try (AnnotationConfigApplicationContext stores = new AnnotationConfigApplicationContext()) {
            stores.registerBean(DataFolder.class, () -> folder);
            stores.scan("app.dantro.server.db", "app.dantro.server.store");
            stores.refresh();
            UUID caseId = UUID.randomUUID();
            stores.getBean(CaseStore.class)
                    .add(
                            new CaseHead(caseId, "Van", "slow", Loop.STARTING, 20, "t", 1),
                            Optional.empty(),
                            "{\"ready_made\":\"petrol-car\"}",
                            Basis.with(OwnSets.none()),
                            Optional.empty());
            EventStore events = stores.getBean(EventStore.class);
            PrintStream said = new PrintStream(System.out, true, StandardCharsets.US_ASCII);
            for (int n = 0; n < Integer.parseInt(args[1]); n++) {
                UUID id = UUID.randomUUID();
                events.add(new StoredStatement(caseId, new Statement(id, Topic.SYMPTOM, "SLOW", "entry " + n, n), "t"));
                said.println(ON_RECORD + id);
            }
        }
    }
}

package app.dantro.server.store;

import java.util.List;
import java.util.UUID;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.Consumer;
import org.springframework.stereotype.Component;

/** Tells whoever keeps something of cases that one has something new on record, or that more will be said of it. */
@Component
public class CaseChanges {
    private final List<Consumer<UUID>> told = new CopyOnWriteArrayList<>();

    public void changed(UUID caseId) {
        told.forEach(one -> one.accept(caseId));
    }

    /** @param one called on the thread of whoever changed the case: it must not wait */
    public void onChange(Consumer<UUID> one) {
        told.add(one);
    }
}

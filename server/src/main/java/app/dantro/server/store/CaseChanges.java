package app.dantro.server.store;

import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentMap;
import org.springframework.stereotype.Component;

/** How often each case was changed since the program started: what was worked out at one number holds until the next. */
@Component
public class CaseChanges {
    private final ConcurrentMap<UUID, Long> numbers = new ConcurrentHashMap<>();

    /** Something new is on record of a case, or will be said of it. */
    public void changed(UUID caseId) {
        numbers.merge(caseId, 1L, Long::sum);
    }

    public long number(UUID caseId) {
        return numbers.getOrDefault(caseId, 0L);
    }
}

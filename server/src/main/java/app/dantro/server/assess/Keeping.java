package app.dantro.server.assess;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.Scheduler;
import java.time.Duration;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** What was worked out is kept until nobody has asked for it for a working day: a night leaves the memory empty. */
@Component
class Keeping {
    private final Duration kept;

    Keeping(@Value("${dantro.judgement.kept:8h}") Duration kept) {
        this.kept = kept;
    }

    Caffeine<Object, Object> caches() {
        return Caffeine.newBuilder().expireAfterAccess(kept).scheduler(Scheduler.systemScheduler());
    }
}

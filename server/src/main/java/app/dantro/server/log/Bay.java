package app.dantro.server.log;

import app.dantro.server.store.CaseLine.OnBay;
import app.dantro.server.store.CaseStore;
import app.dantro.server.store.LineStore;
import app.dantro.server.view.CaseCard;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;

/** What is in work, as it was worked out beside the work: nothing is judged to show it. */
@Service
class Bay {
    private static final Logger LOG = LoggerFactory.getLogger(Bay.class);
    private static final Duration STAYS = Duration.ofDays(1);

    private final LineStore lines;
    private final CaseStore heads;
    private final CaseLines kept;
    private final ObjectMapper json;
    private final Clock clock;

    Bay(LineStore lines, CaseStore heads, CaseLines kept, ObjectMapper json, Clock clock) {
        this.lines = lines;
        this.heads = heads;
        this.kept = kept;
        this.json = json;
        this.clock = clock;
    }

    /** What is over leaves the Bay if nothing happened to it since then. */
    static long since(Clock clock) {
        return clock.millis() - STAYS.toMillis();
    }

    /** The newest first. */
    List<CaseCard> cards() {
        kept.settle();
        return lines.onBay(since(clock)).stream()
                .flatMap(line -> card(line).stream())
                .toList();
    }

    /** What was worked out last; of a case of which nothing was yet, its head. */
    private Optional<CaseCard> card(OnBay line) {
        return line.card()
                .flatMap(this::read)
                .map(card -> line.behind() ? card.ofBefore() : card)
                .or(() -> heads.find(line.caseId()).map(CaseCard::coming));
    }

    private Optional<CaseCard> read(String card) {
        try {
            return Optional.of(json.readValue(card, CaseCard.class));
        } catch (JsonProcessingException e) {
            LOG.error("A kept card cannot be read: POST /api/log/rebuild at this computer makes all of them anew", e);
            return Optional.empty();
        }
    }
}

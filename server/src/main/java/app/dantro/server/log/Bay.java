package app.dantro.server.log;

import app.dantro.server.store.CaseLine.OnBay;
import app.dantro.server.store.CaseStore;
import app.dantro.server.store.DueItem;
import app.dantro.server.store.DueStore;
import app.dantro.server.store.LineStore;
import app.dantro.server.view.CaseCard;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
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
    private final DueStore due;
    private final CaseLines kept;
    private final ObjectMapper json;
    private final Clock clock;

    Bay(LineStore lines, CaseStore heads, DueStore due, CaseLines kept, ObjectMapper json, Clock clock) {
        this.lines = lines;
        this.heads = heads;
        this.due = due;
        this.kept = kept;
        this.json = json;
        this.clock = clock;
    }

    /** What is over leaves the Bay if nothing happened to it since then. */
    static long since(Clock clock) {
        return clock.millis() - STAYS.toMillis();
    }

    /** By vehicle: those on which something is due first, then the one that came last; of each vehicle the newest first. */
    List<CaseCard> cards() {
        kept.settle();
        Map<UUID, String> dues = dues();
        List<OnBay> all = lines.onBay(since(clock));
        List<UUID> order = all.stream().map(OnBay::vehicle).distinct().toList();
        return all.stream()
                .sorted(Comparator.comparing((OnBay line) -> !dues.containsKey(line.vehicle()))
                        .thenComparing(line -> order.indexOf(line.vehicle())))
                .flatMap(line -> card(line, dues).stream())
                .toList();
    }

    /** What is due first on each vehicle by now. */
    private Map<UUID, String> dues() {
        LocalDate today = LocalDate.now(clock);
        Map<UUID, String> dues = new HashMap<>();
        for (DueItem.Open open : due.open()) {
            if (!open.item().day().isAfter(today)) {
                open.vehicle()
                        .ifPresent(v -> dues.putIfAbsent(v.id(), open.item().words()));
            }
        }
        return dues;
    }

    /** What was worked out last; of a case of which nothing was yet, its head. */
    private Optional<CaseCard> card(OnBay line, Map<UUID, String> dues) {
        return line.card()
                .flatMap(card -> read(line, card))
                .map(card -> line.behind() ? card.ofBefore() : card)
                .or(() -> heads.find(line.caseId()).map(CaseCard::coming))
                .map(card -> card.on(
                        new CaseCard.OnVehicle(line.vehicle(), line.plate(), dues.getOrDefault(line.vehicle(), ""))));
    }

    private Optional<CaseCard> read(OnBay line, String card) {
        try {
            return Optional.of(json.readValue(card, CaseCard.class));
        } catch (JsonProcessingException e) {
            LOG.error("The kept card of case {} cannot be read, it is made anew", line.caseId(), e);
            lines.makeAnew(line.caseId());
            return Optional.empty();
        }
    }
}

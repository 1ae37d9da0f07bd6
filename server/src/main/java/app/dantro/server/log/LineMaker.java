package app.dantro.server.log;

import app.dantro.core.circuit.VehicleSort;
import app.dantro.core.history.CaseTally;
import app.dantro.core.procedure.Assessment;
import app.dantro.core.procedure.Stage;
import app.dantro.server.job.Cases;
import app.dantro.server.store.CaseHead;
import app.dantro.server.store.CaseLine;
import app.dantro.server.store.CaseLine.Behind;
import app.dantro.server.store.CaseStore;
import app.dantro.server.store.StoredBasis;
import app.dantro.server.store.StoredCase;
import app.dantro.server.store.VehicleStore;
import app.dantro.server.view.CaseCard;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** Makes the line of one case. */
@Component
final class LineMaker {
    private static final Logger LOG = LoggerFactory.getLogger(LineMaker.class);

    private final Cases cases;
    private final CaseStore heads;
    private final VehicleStore vehicles;
    private final ObjectMapper json;
    private final Clock clock;

    LineMaker(Cases cases, CaseStore heads, VehicleStore vehicles, ObjectMapper json, Clock clock) {
        this.cases = cases;
        this.heads = heads;
        this.vehicles = vehicles;
        this.json = json;
        this.clock = clock;
    }

    /** One case that cannot be read takes no other down. */
    CaseLine of(Behind behind) {
        try {
            StoredCase file = cases.load(behind.caseId());
            Optional<StoredBasis.Closing> closing = file.closing();
            boolean left = LastTouched.of(file) <= Bay.since(clock);
            return closing.isPresent() && left ? closed(behind, file, closing.get()) : judged(behind, file);
        } catch (RuntimeException e) {
            LOG.error("Case {} cannot be read", behind.caseId(), e);
            return unreadable(behind, String.valueOf(e.getMessage()));
        }
    }

    /** What it said when it closed is what it says. */
    private CaseLine closed(Behind behind, StoredCase file, StoredBasis.Closing closing) {
        Stage stage = closing.said().stage();
        return line(behind, file, true, stage, closing.said().headline(), Optional.empty());
    }

    /** What it says once it has closed is kept, whether or not somebody looks at it. */
    private CaseLine judged(Behind behind, StoredCase file) {
        Assessment now = cases.assess(file);
        StoredCase kept = cases.kept(file, now);
        return line(
                behind,
                kept,
                !(now instanceof Assessment.ByRules),
                now.stage(),
                now.findings().headline(),
                Optional.of(written(CaseCard.of(kept, now))));
    }

    private CaseLine line(
            Behind behind, StoredCase file, boolean judged, Stage stage, String finding, Optional<String> card) {
        UUID id = file.record().id();
        boolean aside = file.isStruck(id);
        return new CaseLine(
                id,
                behind.changed(),
                judged,
                !stage.closed() && !aside,
                aside,
                LastTouched.of(file),
                stage.name(),
                finding,
                LineParts.repairs(file),
                String.join(", ", SearchedWords.people(file)),
                SearchedWords.of(file, vehicles.ofCase(id).orElseThrow(), stage.words(), finding),
                VehicleSort.of(file.circuit()).name(),
                CaseTally.of(
                        file.evidence(), file.record().complaint(), stage == Stage.VERIFIED, LineParts.cleared(file)),
                LineParts.joints(file),
                LineParts.certified(file, stage),
                card);
    }

    private CaseLine unreadable(Behind behind, String why) {
        CaseHead head = heads.find(behind.caseId()).orElseThrow();
        CaseCard card = CaseCard.unreadable(head, why);
        return new CaseLine(
                head.id(),
                behind.changed(),
                true,
                true,
                false,
                head.openedAtMs(),
                card.stage().name(),
                card.headline(),
                "",
                head.openedBy(),
                head.vehicle() + " " + head.complaint(),
                "",
                new CaseTally(0, 0, "", List.of()),
                List.of(),
                Map.of(),
                Optional.of(written(card)));
    }

    private String written(CaseCard card) {
        try {
            return json.writeValueAsString(card);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
    }
}

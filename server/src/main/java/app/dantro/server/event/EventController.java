package app.dantro.server.event;

import app.dantro.core.circuit.PartId;
import app.dantro.core.record.ComplaintTest;
import app.dantro.core.record.Repair;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Topic;
import app.dantro.server.job.Cases;
import app.dantro.server.problem.ProblemException;
import app.dantro.server.store.StoredCase;
import app.dantro.server.store.StoredRepair;
import app.dantro.server.store.StoredStatement;
import app.dantro.server.store.StoredTest;
import app.dantro.server.store.Strike;
import app.dantro.server.view.CaseView;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Repairs, complaint tests, statements, strikes. */
@RestController
@RequestMapping("/api/cases/{caseId}")
class EventController {
    private final Cases files;
    private final Events events;

    EventController(Cases files, Events events) {
        this.files = files;
        this.events = events;
    }

    /** A repair to record. */
    record NewRepair(
            @NotBlank String part,
            @NotNull Repair.Action action,
            @NotNull @Size(max = 500) String note,
            @NotBlank @Size(max = 60) String by,
            @NotNull Long doneAtMs) {
        StoredRepair toRepair(UUID id, StoredCase file) {
            PartId partId = ProblemException.checking("part", () -> PartId.of(part));
            boolean component = partId.equals(file.loop().battery().id())
                    || file.circuit().nameOf(partId).isPresent();
            if (!component) {
                throw ProblemException.field("part", "There is no part (%s) in this circuit.".formatted(part));
            }
            return new StoredRepair(file.record().id(), new Repair(id, partId, action, note.strip(), doneAtMs), by);
        }
    }

    /** Whether the complaint is gone. */
    record NewComplaintTest(
            @NotNull Boolean passed,
            @NotNull @Size(max = 500) String note,
            @NotBlank @Size(max = 60) String by,
            @NotNull Long doneAtMs) {
        StoredTest toTest(UUID id, UUID caseId) {
            return new StoredTest(caseId, new ComplaintTest(id, passed, note.strip(), doneAtMs), by);
        }
    }

    /** Something said or seen. */
    record NewStatement(
            @NotNull Topic topic,
            @NotBlank @Size(max = 200) String value,
            @NotNull @Size(max = 500) String note,
            @NotBlank @Size(max = 60) String by,
            @NotNull Long saidAtMs) {
        StoredStatement toStatement(UUID id, UUID caseId) {
            topic.refusal(value).ifPresent(wrong -> {
                throw ProblemException.field("value", wrong);
            });
            return new StoredStatement(caseId, new Statement(id, topic, value.strip(), note.strip(), saidAtMs), by);
        }
    }

    /** Something to strike out, or to restore. */
    record NewStrike(
            @NotNull UUID target,
            @NotNull Boolean restores,
            @NotNull @Size(max = 200) String reason,
            @NotBlank @Size(max = 60) String by,
            @NotNull Long struckAtMs) {
        Strike toStrike(UUID id, UUID caseId) {
            return new Strike(id, caseId, target, restores, reason.strip(), by, struckAtMs);
        }
    }

    @PutMapping("/repairs/{repairId}")
    ResponseEntity<CaseView> repair(
            @PathVariable UUID caseId, @PathVariable UUID repairId, @Valid @RequestBody NewRepair body) {
        return answer(caseId, events.record(body.toRepair(repairId, files.load(caseId))));
    }

    @PutMapping("/complaint-tests/{testId}")
    ResponseEntity<CaseView> complaintTest(
            @PathVariable UUID caseId, @PathVariable UUID testId, @Valid @RequestBody NewComplaintTest body) {
        StoredCase file = files.load(caseId);
        boolean known = file.tests().stream().anyMatch(t -> t.test().id().equals(testId));
        if (body.passed() && !known && !file.evidence().repaired().shownUntil(body.doneAtMs())) {
            throw ProblemException.conflict(
                    "Nothing was read or seen since the last repair: take the retest first, then the complaint's own test counts.");
        }
        return answer(caseId, events.record(body.toTest(testId, file.record().id())));
    }

    @PutMapping("/statements/{statementId}")
    ResponseEntity<CaseView> statement(
            @PathVariable UUID caseId, @PathVariable UUID statementId, @Valid @RequestBody NewStatement body) {
        return answer(
                caseId,
                events.record(body.toStatement(
                        statementId, files.load(caseId).record().id())));
    }

    @PutMapping("/strikes/{strikeId}")
    ResponseEntity<CaseView> strike(
            @PathVariable UUID caseId, @PathVariable UUID strikeId, @Valid @RequestBody NewStrike body) {
        return answer(caseId, events.record(body.toStrike(strikeId, caseId)));
    }

    private ResponseEntity<CaseView> answer(UUID caseId, boolean added) {
        return ResponseEntity.status(added ? HttpStatus.CREATED : HttpStatus.OK).body(files.view(caseId));
    }
}

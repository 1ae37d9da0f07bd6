package app.dantro.server.event;

import app.dantro.server.job.Cases;
import app.dantro.server.live.CaseEvents;
import app.dantro.server.problem.ProblemException;
import app.dantro.server.store.ErasureStore;
import app.dantro.server.store.StoredCase;
import app.dantro.server.view.CaseView;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Erases for good what a person wrote or photographed; what was measured stays. */
@RestController
@RequestMapping("/api/cases/{caseId}/erasures/{erasureId}")
class ErasureController {
    private final Cases files;
    private final ErasureStore store;
    private final CaseEvents events;

    ErasureController(Cases files, ErasureStore store, CaseEvents events) {
        this.files = files;
        this.store = store;
        this.events = events;
    }

    /**
     * What to erase.
     *
     * @param target a picture, statement, repair, test or strike of the case; without one all that is personal in it
     */
    record NewErasure(
            UUID target,
            @NotBlank @Size(max = 60) String by,
            @NotNull Long erasedAtMs) {}

    @PutMapping
    ResponseEntity<CaseView> erase(
            @PathVariable UUID caseId, @PathVariable UUID erasureId, @Valid @RequestBody NewErasure body) {
        StoredCase file = files.load(caseId);
        Optional<UUID> target = Optional.ofNullable(body.target());
        if (target.filter(t -> !file.holds(t) || t.equals(caseId)).isPresent()) {
            throw ProblemException.field(
                    "target", "There is nothing with the id (%s) in this case to erase.".formatted(body.target()));
        }
        boolean erased = store.erase(new ErasureStore.Erasure(erasureId, caseId, target, body.by(), body.erasedAtMs()));
        events.changed(caseId);
        return ResponseEntity.status(erased ? HttpStatus.CREATED : HttpStatus.OK)
                .body(files.view(caseId));
    }
}

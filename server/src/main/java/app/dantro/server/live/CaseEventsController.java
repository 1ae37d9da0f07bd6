package app.dantro.server.live;

import app.dantro.server.problem.ProblemException;
import app.dantro.server.store.CaseStore;
import jakarta.servlet.http.HttpServletRequest;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Server-sent events of one case. */
@RestController
class CaseEventsController {
    private final CaseEvents events;
    private final CaseStore cases;

    CaseEventsController(CaseEvents events, CaseStore cases) {
        this.events = events;
        this.cases = cases;
    }

    @GetMapping(path = "/api/cases/{caseId}/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter stream(@PathVariable UUID caseId, HttpServletRequest request) {
        if (cases.find(caseId).isEmpty()) {
            throw ProblemException.notFound("There is no case (%s).".formatted(caseId));
        }
        return events.open(caseId, request.getRemoteAddr());
    }
}

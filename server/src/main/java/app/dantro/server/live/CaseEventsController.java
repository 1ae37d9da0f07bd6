package app.dantro.server.live;

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

    CaseEventsController(CaseEvents events) {
        this.events = events;
    }

    @GetMapping(path = "/api/cases/{caseId}/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter stream(@PathVariable UUID caseId) {
        return events.open(caseId);
    }
}

package app.dantro.server.seat;

import app.dantro.core.procedure.CrankTime;
import app.dantro.core.procedure.SeatOrder;
import app.dantro.server.problem.ProblemException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** The wing's orders under the case; the seat's own address beside it, which is all that a seat may reach. */
@RestController
class SeatController {
    private final Seats seats;

    SeatController(Seats seats) {
        this.seats = seats;
    }

    /** An order to the seat; a crank of 1 second to the longest, 0 for the others, which last until the next. */
    record NewOrder(@NotNull SeatOrder kind, @NotNull Integer seconds) {
        int checkedSeconds() {
            boolean crank = kind == SeatOrder.CRANK;
            if (seconds < (crank ? 1 : 0) || seconds > (crank ? CrankTime.MOST_SECONDS : 0)) {
                throw ProblemException.field(
                        "seconds",
                        crank
                                ? "A crank lasts 1 … %d seconds, not %d.".formatted(CrankTime.MOST_SECONDS, seconds)
                                : "Only a crank has a length; send 0.");
            }
            return seconds;
        }
    }

    @PutMapping("/api/cases/{caseId}/seat/orders/{orderId}")
    SeatView issue(@PathVariable UUID caseId, @PathVariable UUID orderId, @Valid @RequestBody NewOrder body) {
        return seats.issue(caseId, orderId, body.kind(), body.checkedSeconds());
    }

    @GetMapping("/api/seat/{caseId}")
    SeatView view(@PathVariable UUID caseId) {
        return seats.view(caseId);
    }

    @GetMapping(path = "/api/seat/{caseId}/orders", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter stream(@PathVariable UUID caseId, @RequestParam UUID screen, HttpServletRequest request) {
        return seats.open(caseId, screen, request.getRemoteAddr());
    }

    @PutMapping("/api/seat/{caseId}/screens/{screen}")
    SeatView here(@PathVariable UUID caseId, @PathVariable UUID screen) {
        return seats.here(caseId, screen);
    }

    @PutMapping("/api/seat/{caseId}/acknowledged/{orderId}")
    SeatView acknowledge(@PathVariable UUID caseId, @PathVariable UUID orderId) {
        return seats.acknowledge(caseId, orderId);
    }

    @PutMapping("/api/seat/{caseId}/let-go")
    SeatView letGo(@PathVariable UUID caseId) {
        return seats.letGo(caseId);
    }
}

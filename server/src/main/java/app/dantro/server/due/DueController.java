package app.dantro.server.due;

import app.dantro.server.problem.ProblemException;
import app.dantro.server.store.DueItem;
import app.dantro.server.store.DueItem.Settling;
import app.dantro.server.store.DueStore;
import app.dantro.server.store.VehicleStore;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The list of what is due. */
@RestController
@RequestMapping("/api/due")
class DueController {
    private static final int MOST_YEARS_AHEAD = 20;

    private final DueList list;
    private final DueStore store;
    private final VehicleStore vehicles;

    DueController(DueList list, DueStore store, VehicleStore vehicles) {
        this.list = list;
        this.store = store;
        this.vehicles = vehicles;
    }

    /** The first due first. */
    @GetMapping
    List<DueView> due() {
        return list.all();
    }

    /** The same as a calendar. */
    @GetMapping(path = "/calendar", produces = "text/calendar;charset=UTF-8")
    ResponseEntity<String> calendar() {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"dantro-due.ics\"")
                .body(DueCalendar.of(list.all()));
    }

    /**
     * Something to be done.
     *
     * @param vehicle on which; none for work of the shop itself
     * @param odometer in km, if it is to be done by then
     */
    record NewDue(
            Optional<UUID> vehicle,
            @NotNull DueItem.Kind kind,
            @NotBlank @Size(max = 200) String words,
            @NotNull LocalDate day,
            Optional<@Min(1) @Max(9_999_999) Integer> odometer,
            @NotBlank @Size(max = 60) String by,
            @NotNull Long saidAtMs) {
        DueItem toItem(UUID id) {
            return new DueItem(
                    id,
                    vehicle,
                    kind,
                    words.strip(),
                    day,
                    odometer.map(OptionalInt::of).orElseGet(OptionalInt::empty),
                    by,
                    saidAtMs);
        }
    }

    /** Puts something on the list. */
    @PutMapping("/{dueId}")
    ResponseEntity<Void> plan(@PathVariable UUID dueId, @Valid @RequestBody NewDue body) {
        body.vehicle().filter(v -> !vehicles.knows(v)).ifPresent(v -> {
            throw ProblemException.field("vehicle", "There is no vehicle (%s).".formatted(v));
        });
        LocalDate today = list.today();
        boolean known = store.said(dueId).isPresent();
        if (!known && (body.day().isBefore(today) || body.day().isAfter(today.plusYears(MOST_YEARS_AHEAD)))) {
            throw ProblemException.field(
                    "day",
                    "The day (%s) must lie from today to %d years ahead.".formatted(body.day(), MOST_YEARS_AHEAD));
        }
        DueItem item = body.toItem(dueId);
        boolean added = store.say(item);
        if (!added && !store.said(dueId).orElseThrow().equals(item)) {
            throw ProblemException.taken();
        }
        return ResponseEntity.status(added ? HttpStatus.CREATED : HttpStatus.OK).build();
    }

    /** What became of something. */
    record NewSettling(
            @NotNull DueItem.Settled how,
            @NotBlank @Size(max = 60) String by,
            @NotNull Long saidAtMs) {}

    /** Takes something off the list, or puts it back. */
    @PutMapping("/{dueId}/settled/{settledId}")
    ResponseEntity<Void> settle(
            @PathVariable UUID dueId, @PathVariable UUID settledId, @Valid @RequestBody NewSettling body) {
        if (store.said(dueId).isEmpty()) {
            throw ProblemException.notFound("Nothing like that (%s) is on the list.".formatted(dueId));
        }
        Settling settling = new Settling(settledId, dueId, body.how(), body.by(), body.saidAtMs());
        boolean added = store.settle(settling);
        if (!added && !store.settled(settledId).orElseThrow().equals(settling)) {
            throw ProblemException.taken();
        }
        return ResponseEntity.status(added ? HttpStatus.CREATED : HttpStatus.OK).build();
    }
}

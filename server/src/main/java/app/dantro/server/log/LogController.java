package app.dantro.server.log;

import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.VehicleSort;
import app.dantro.server.problem.ProblemException;
import app.dantro.server.store.LogSearch;
import app.dantro.server.store.LogStore;
import app.dantro.server.store.LoggedCase;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Every case ever. */
@RestController
class LogController {
    private static final int PAGE = 50;
    private static final int MOST_LISTED = 200_000;
    private static final int LONGEST_SEARCH = 200;

    private final LogStore store;
    private final CaseLines lines;

    LogController(LogStore store, CaseLines lines) {
        this.store = store;
        this.lines = lines;
    }

    /**
     * A page of the log.
     *
     * @param next what brings the page behind it; none for the last
     * @param settling true while lines are still being worked out: the same search may find more in a moment
     */
    record LogPage(List<LoggedCaseView> cases, Optional<String> next, boolean settling) {}

    /**
     * Which cases are asked for.
     *
     * @param words what a case is searched by: pieces of vehicle, plate, complaint, finding, repair, person, day
     * @param sort of vehicle
     * @param found kind of the part whose repair was verified
     * @param fromMs opened then or later
     * @param untilMs opened before
     */
    record Asked(
            Optional<String> words,
            Optional<LogFilter> state,
            Optional<Loop> concern,
            Optional<VehicleSort> sort,
            Optional<String> found,
            Optional<Long> fromMs,
            Optional<Long> untilMs) {
        private LogSearch search(Optional<LogSearch.Place> after) {
            String typed = words.orElse("");
            if (typed.length() > LONGEST_SEARCH) {
                throw ProblemException.field(
                        "words",
                        "A search has at most %d characters; this one has %d."
                                .formatted(LONGEST_SEARCH, typed.length()));
            }
            LogFilter filter = state.orElse(LogFilter.ALL);
            return new LogSearch(
                    SearchedWords.query(typed),
                    Optional.empty(),
                    filter.stages(),
                    filter.inWork(),
                    filter.setAside(),
                    concern,
                    sort,
                    found,
                    fromMs,
                    untilMs,
                    after);
        }
    }

    /**
     * A page of the log, the newest cases first.
     *
     * @param after where the page before ended
     */
    @GetMapping("/api/log")
    LogPage page(@ParameterObject Asked asked, @RequestParam Optional<String> after) {
        lines.settle();
        LogSearch search = asked.search(after.map(LogController::place));
        List<LoggedCase> found = store.find(search, PAGE + 1);
        List<LoggedCase> shown = found.subList(0, Math.min(PAGE, found.size()));
        Optional<String> next = found.size() <= PAGE
                ? Optional.empty()
                : Optional.of(shown.get(PAGE - 1).openedAtMs() + "."
                        + shown.get(PAGE - 1).caseId());
        return new LogPage(shown.stream().map(LoggedCaseView::of).toList(), next, lines.settling());
    }

    /** All that is listed, for a spreadsheet. */
    @GetMapping(path = "/api/log.csv", produces = "text/csv;charset=UTF-8")
    ResponseEntity<String> table(@ParameterObject Asked asked) {
        lines.settle();
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"dantro-log.csv\"")
                .body(LogTable.of(store.find(asked.search(Optional.empty()), MOST_LISTED)));
    }

    /** Has every line worked out anew; what is shown meanwhile is marked as behind. */
    @PostMapping("/api/log/rebuild")
    @ResponseStatus(HttpStatus.ACCEPTED)
    void rebuild() {
        lines.anew();
    }

    private static LogSearch.Place place(String after) {
        try {
            int dot = after.indexOf('.');
            return new LogSearch.Place(
                    Long.parseLong(after.substring(0, Math.max(0, dot))), UUID.fromString(after.substring(dot + 1)));
        } catch (IllegalArgumentException e) {
            throw ProblemException.field(
                    "after", "(%s) is not where a page of the log ended. Begin at the first page.".formatted(after));
        }
    }
}

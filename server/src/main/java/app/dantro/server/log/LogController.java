package app.dantro.server.log;

import app.dantro.core.circuit.Loop;
import app.dantro.server.problem.ProblemException;
import app.dantro.server.store.LogSearch;
import app.dantro.server.store.LogStore;
import app.dantro.server.store.LoggedCase;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
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
     * A page of the log, the newest cases first.
     *
     * @param words what a case is searched by: pieces of vehicle, plate, complaint, finding, repair, person, day
     * @param fromMs opened then or later
     * @param untilMs opened before
     * @param after where the page before ended
     */
    @GetMapping("/api/log")
    LogPage page(
            @RequestParam(defaultValue = "") String words,
            @RequestParam(defaultValue = "ALL") LogFilter state,
            @RequestParam Optional<Loop> concern,
            @RequestParam Optional<Long> fromMs,
            @RequestParam Optional<Long> untilMs,
            @RequestParam Optional<String> after) {
        lines.settle();
        LogSearch search = search(words, state, concern, fromMs, untilMs, after.map(LogController::place));
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
    ResponseEntity<String> table(
            @RequestParam(defaultValue = "") String words,
            @RequestParam(defaultValue = "ALL") LogFilter state,
            @RequestParam Optional<Loop> concern,
            @RequestParam Optional<Long> fromMs,
            @RequestParam Optional<Long> untilMs) {
        lines.settle();
        LogSearch search = search(words, state, concern, fromMs, untilMs, Optional.empty());
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"dantro-log.csv\"")
                .body(LogTable.of(store.find(search, MOST_LISTED)));
    }

    /** Has every line worked out anew; what is shown meanwhile is marked as behind. */
    @PostMapping("/api/log/rebuild")
    @ResponseStatus(HttpStatus.ACCEPTED)
    void rebuild() {
        lines.anew();
    }

    private static LogSearch search(
            String words,
            LogFilter state,
            Optional<Loop> concern,
            Optional<Long> fromMs,
            Optional<Long> untilMs,
            Optional<LogSearch.Place> after) {
        if (words.length() > LONGEST_SEARCH) {
            throw ProblemException.field(
                    "words",
                    "A search has at most %d characters; this one has %d.".formatted(LONGEST_SEARCH, words.length()));
        }
        return new LogSearch(
                SearchedWords.query(words),
                Optional.empty(),
                state.stages(),
                state.inWork(),
                state.setAside(),
                concern,
                fromMs,
                untilMs,
                after);
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

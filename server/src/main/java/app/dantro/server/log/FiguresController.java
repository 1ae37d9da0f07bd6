package app.dantro.server.log;

import app.dantro.server.store.FiguresStore;
import java.time.Duration;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The shop's figures. */
@RestController
class FiguresController {
    private static final Duration CAME_BACK = Duration.ofDays(90);

    private final FiguresStore store;
    private final CaseLines lines;

    FiguresController(FiguresStore store, CaseLines lines) {
        this.store = store;
        this.lines = lines;
    }

    /**
     * What the cases opened in a period add up to.
     *
     * @param settling true while lines are still being worked out: the figures may change in a moment
     * @param simulated how many simulated cases were left out
     */
    record FiguresPage(ShopFigures figures, boolean settling, int simulated) {}

    /**
     * The figures of the cases opened in a period.
     *
     * @param fromMs opened then or later; without, from the first
     * @param untilMs opened before; without, to the last
     * @param simulated true to count simulated cases too
     */
    @GetMapping("/api/figures")
    FiguresPage figures(
            @RequestParam Optional<Long> fromMs,
            @RequestParam Optional<Long> untilMs,
            @RequestParam(defaultValue = "false") boolean simulated) {
        lines.settle();
        long from = fromMs.orElse(0L);
        long until = untilMs.orElse(Long.MAX_VALUE);
        ShopFigures figures = ShopFigures.of(store.cases(from, until, simulated, CAME_BACK.toMillis()));
        int all = simulated
                ? figures.cases()
                : store.cases(from, until, true, CAME_BACK.toMillis()).size();
        return new FiguresPage(figures, lines.settling(), all - figures.cases());
    }
}

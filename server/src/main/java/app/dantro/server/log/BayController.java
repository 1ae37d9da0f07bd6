package app.dantro.server.log;

import app.dantro.server.view.CaseCard;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What is in work. */
@RestController
class BayController {
    private final Bay bay;

    BayController(Bay bay) {
        this.bay = bay;
    }

    /** Cases in work and what was put down since yesterday, the newest first. */
    @GetMapping("/api/cases")
    List<CaseCard> list() {
        return bay.cards();
    }
}

package app.dantro.server.health;

import app.dantro.server.db.DatabaseIdentity;
import app.dantro.server.db.WholeCheck;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What every page asks first. */
@RestController
class AboutController {
    private final DatabaseIdentity database;
    private final WholeCheck whole;

    AboutController(DatabaseIdentity database, WholeCheck whole) {
        this.database = database;
        this.whole = whole;
    }

    /**
     * Which database answers.
     *
     * @param damage what is wrong with it, and what to do; empty as long as nothing was found
     */
    record AboutView(String databaseId, Optional<String> damage) {}

    @GetMapping("/api/about")
    AboutView about() {
        return new AboutView(database.id(), whole.damage());
    }
}

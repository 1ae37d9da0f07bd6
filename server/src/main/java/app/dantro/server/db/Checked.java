package app.dantro.server.db;

import app.dantro.server.seal.Seals;
import java.util.Optional;

/**
 * What the look at a database before it is opened came to.
 *
 * @param now the ends of its chains; empty if there is no database yet, or a migration will change it
 * @param unread the seal against which all rows are still to be held; empty if they were
 */
record Checked(Optional<Seals> now, Optional<Seals> unread) {
    static final Checked NOTHING = new Checked(Optional.empty(), Optional.empty());
}

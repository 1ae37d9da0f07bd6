package app.dantro.server.health;

import app.dantro.server.db.DataFolder;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** What the owner has to see to, a sentence each with what to do. */
record ToSeeTo(Path folder) {
    private static final int MANY_WAITING = 20;

    List<String> of(HealthView.Database stored, long free, HealthView.Backups kept, HealthView.Judgement judged) {
        List<String> all = new ArrayList<>(stored.damage().stream().toList());
        if (!stored.writable()) {
            all.add("The database cannot be written: look at the disk's space and the folder's permissions (%s)."
                    .formatted(folder));
        }
        if (free < DataFolder.LITTLE_BYTES) {
            all.add("Only %d MB are free on the disk of %s: make room.".formatted(free >> 20, folder));
        }
        if (kept.late()) {
            all.add(
                    kept.kept() == 0
                            ? "There is no backup yet: one is made at night, or now in Settings."
                            : "The newest backup is three days old or more: make one now in Settings.");
        }
        if (judged.waiting() > MANY_WAITING) {
            all.add("%d circuits wait to be worked out: until then their cases say what rules alone show."
                    .formatted(judged.waiting()));
        }
        return all;
    }
}

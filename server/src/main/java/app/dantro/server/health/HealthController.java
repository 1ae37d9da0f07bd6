package app.dantro.server.health;

import app.dantro.server.assess.PreparedCircuits;
import app.dantro.server.backup.Backups;
import app.dantro.server.backup.BackupsView;
import app.dantro.server.db.DataFolder;
import app.dantro.server.db.WriteTrial;
import app.dantro.server.live.CaseEvents;
import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** How the program is: the owner's door, and what a watching script asks. */
@RestController
class HealthController {
    private static final long LITTLE_BYTES = 200L << 20;
    private static final int MANY_WAITING = 20;

    private final DataFolder folder;
    private final WriteTrial trial;
    private final Backups backups;
    private final PreparedCircuits circuits;
    private final CaseEvents events;

    HealthController(
            DataFolder folder, WriteTrial trial, Backups backups, PreparedCircuits circuits, CaseEvents events) {
        this.folder = folder;
        this.trial = trial;
        this.backups = backups;
        this.circuits = circuits;
        this.events = events;
    }

    @GetMapping("/api/health")
    HealthView show() throws IOException {
        Path database = folder.database();
        HealthView.Database stored =
                new HealthView.Database(size(database), size(Path.of(database + "-wal")), trial.canWrite());
        long free = Files.getFileStore(folder.path()).getUsableSpace();
        BackupsView all = BackupsView.of(backups);
        HealthView.Backups kept = new HealthView.Backups(
                all.kept().stream().findFirst().map(BackupsView.BackupView::madeAtMs),
                all.kept().size(),
                all.late());
        HealthView.Judgement judged = new HealthView.Judgement(circuits.waiting(), circuits.tried());
        List<String> seeTo = seeTo(stored, free, kept, judged);
        Runtime memory = Runtime.getRuntime();
        return new HealthView(
                seeTo.isEmpty(),
                seeTo,
                stored,
                free,
                kept,
                judged,
                events.streams(),
                new HealthView.Heap(memory.totalMemory() - memory.freeMemory(), memory.maxMemory()),
                ManagementFactory.getRuntimeMXBean().getStartTime());
    }

    private List<String> seeTo(
            HealthView.Database stored, long free, HealthView.Backups kept, HealthView.Judgement judged) {
        List<String> all = new ArrayList<>();
        if (!stored.writable()) {
            all.add("The database cannot be written: look at the disk's space and the folder's permissions (%s)."
                    .formatted(folder.path()));
        }
        if (free < LITTLE_BYTES) {
            all.add("Only %d MB are free on the disk of %s: make room.".formatted(free >> 20, folder.path()));
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

    private static long size(Path file) throws IOException {
        return Files.exists(file) ? Files.size(file) : 0;
    }
}

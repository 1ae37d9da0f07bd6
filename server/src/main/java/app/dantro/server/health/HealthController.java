package app.dantro.server.health;

import app.dantro.server.assess.Judging;
import app.dantro.server.assess.PreparedCircuits;
import app.dantro.server.backup.Backups;
import app.dantro.server.backup.BackupsView;
import app.dantro.server.db.DataFolder;
import app.dantro.server.db.WholeCheck;
import app.dantro.server.db.WriteTrial;
import app.dantro.server.live.CaseEvents;
import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** How the program is: the owner's door, and what a watching script asks. */
@RestController
class HealthController {
    private final DataFolder folder;
    private final WriteTrial trial;
    private final WholeCheck whole;
    private final Backups backups;
    private final PreparedCircuits circuits;
    private final Judging judging;
    private final CaseEvents events;

    HealthController(
            DataFolder folder,
            WriteTrial trial,
            WholeCheck whole,
            Backups backups,
            PreparedCircuits circuits,
            Judging judging,
            CaseEvents events) {
        this.judging = judging;
        this.folder = folder;
        this.trial = trial;
        this.whole = whole;
        this.backups = backups;
        this.circuits = circuits;
        this.events = events;
    }

    @GetMapping("/api/health")
    HealthView show() throws IOException {
        Path database = folder.database();
        HealthView.Database stored = new HealthView.Database(
                size(database), size(Path.of(database + "-wal")), trial.canWrite(), whole.reading(), whole.damage());
        long free = Files.getFileStore(folder.path()).getUsableSpace();
        BackupsView all = BackupsView.of(backups);
        HealthView.Backups kept = new HealthView.Backups(
                all.kept().stream().findFirst().map(BackupsView.BackupView::madeAtMs),
                all.kept().size(),
                all.late());
        HealthView.Judgement judged =
                new HealthView.Judgement(circuits.waiting() + judging.waiting(), circuits.tried());
        List<String> seeTo = new ToSeeTo(folder.path()).of(stored, free, kept, judged);
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

    private static long size(Path file) throws IOException {
        return Files.exists(file) ? Files.size(file) : 0;
    }
}

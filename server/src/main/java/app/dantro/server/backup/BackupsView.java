package app.dantro.server.backup;

import app.dantro.server.backup.Backups.Standing;
import app.dantro.server.backup.Kept.Dated;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.time.Duration;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;

/**
 * How the backups stand.
 *
 * @param folder where they lie on the workshop's computer
 * @param kept the newest first
 * @param late true if the newest is three days old or more, or there is none
 * @param trouble why the last was not made, if it was not
 * @param ahead true if one is dated after now: look at the computer's clock
 * @param secondFolder where each is laid once more
 * @param secondTrouble why that failed the last time, if it did
 */
public record BackupsView(
        String folder,
        List<BackupView> kept,
        boolean late,
        Optional<String> trouble,
        boolean ahead,
        Optional<String> secondFolder,
        Optional<String> secondTrouble) {
    private static final Duration LATE = Duration.ofDays(3);

    /** One of them. */
    public record BackupView(String name, long madeAtMs, long bytes) {
        static BackupView of(Dated backup) {
            try {
                return new BackupView(
                        backup.file().getFileName().toString(),
                        backup.at().atZone(ZoneId.systemDefault()).toInstant().toEpochMilli(),
                        Files.size(backup.file()));
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }

    /** As they stand now. */
    public static BackupsView of(Backups backups) {
        Standing standing = backups.standing();
        boolean late = standing.kept().stream()
                .findFirst()
                .filter(d -> d.at().plus(LATE).isAfter(backups.now()))
                .isEmpty();
        return new BackupsView(
                backups.folder().toString(),
                standing.kept().stream().map(BackupView::of).toList(),
                late,
                standing.trouble(),
                standing.ahead(),
                standing.second().map(BackupPlace::folder),
                standing.secondTrouble());
    }
}

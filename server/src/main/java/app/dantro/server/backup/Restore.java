package app.dantro.server.backup;

import app.dantro.server.db.DataFolder;
import app.dantro.server.seal.SealFile;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;

/** Puts a backup in the place of a shop's data, which is moved aside and never overwritten. */
final class Restore {
    private static final List<String> PRESENT = List.of("dantro.db", "dantro.db-wal", "dantro.db-shm", "dantro.seal");
    private static final DateTimeFormatter NAME = DateTimeFormatter.ofPattern("'before-restore-'yyyy-MM-dd-HHmmss");

    private Restore() {}

    /**
     * Looks at the backup first, then takes the folder for itself, so that no program runs on it meanwhile.
     *
     * @return what was done, in words
     * @throws BackupFailed if the backup is not whole, or the folder cannot be written: then nothing was changed
     * @throws app.dantro.server.StartRefused if a program runs on the folder
     */
    static String into(Path data, Path backup, LocalDateTime now) {
        Backup looked = Backup.look(backup.toAbsolutePath().normalize());
        try (DataFolder held = DataFolder.hold(data)) {
            Path coming = held.path().resolve("dantro.db.coming");
            Files.copy(looked.file(), coming, StandardCopyOption.REPLACE_EXISTING);
            try (FileChannel file = FileChannel.open(coming, StandardOpenOption.WRITE)) {
                file.force(true);
            }
            List<Path> moved = aside(held.path(), held.path().resolve(NAME.format(now)));
            if (Files.exists(Backup.sealOf(looked.file()))) {
                Files.copy(Backup.sealOf(looked.file()), SealFile.beside(held.database()));
            }
            Files.move(coming, held.database(), StandardCopyOption.ATOMIC_MOVE);
            return "%s holds %d cases now%s"
                    .formatted(
                            held.database(),
                            looked.cases(),
                            moved.isEmpty()
                                    ? "."
                                    : "; what was there lies in %s."
                                            .formatted(moved.get(0).getParent()));
        } catch (IOException e) {
            throw new BackupFailed(
                    "The backup could not be put into %s: %s. What was there is not lost."
                            .formatted(data, e.getMessage()),
                    e);
        }
    }

    private static List<Path> aside(Path data, Path folder) throws IOException {
        List<Path> moved = new ArrayList<>();
        for (String name : PRESENT) {
            if (Files.exists(data.resolve(name))) {
                Files.createDirectories(folder);
                Files.move(data.resolve(name), folder.resolve(name));
                moved.add(folder.resolve(name));
            }
        }
        return moved;
    }
}

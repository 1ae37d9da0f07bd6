package app.dantro.server.db;

import app.dantro.server.StartRefused;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;

/** Looks at a data folder without taking it, and without changing anything in it. */
public final class Untouched {
    private Untouched() {}

    /** True if a program runs on the folder. */
    public static boolean isInUse(Path folder) throws IOException {
        Path lock = folder.resolve("dantro.lock");
        return Files.exists(lock) && isHeld(lock) || OpenElsewhere.is(folder.resolve("dantro.db"));
    }

    private static boolean isHeld(Path lock) throws IOException {
        try (FileChannel channel = FileChannel.open(lock, StandardOpenOption.WRITE);
                FileLock free = channel.tryLock()) {
            return free == null;
        } catch (OverlappingFileLockException inThisProcess) {
            return true;
        }
    }

    /**
     * Looks at the database of a folder that no program runs on, on a copy: a damaged log that SQLite opens is cut, and what
     * it held is gone.
     *
     * @throws StartRefused if it is damaged, not ours, or less than was acknowledged
     */
    public static void look(Path folder) {
        DatabaseFile.look(folder.resolve("dantro.db"));
    }
}

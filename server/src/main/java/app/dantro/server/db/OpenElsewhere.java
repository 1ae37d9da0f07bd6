package app.dantro.server.db;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;

/** Whether another process has a database open, even if the folder's lock file was deleted under it. */
final class OpenElsewhere {
    /** As long as it has a log's index open, SQLite holds this byte of it for reading: its dead man's switch. */
    private static final long SWITCH = 128;

    private OpenElsewhere() {}

    /** Not to be asked by a process that has it open itself: closing a file gives up all that the process holds of it. */
    static boolean is(Path database) throws IOException {
        Path index = database.resolveSibling(database.getFileName() + "-shm");
        if (!Files.exists(index)) {
            return false;
        }
        try (FileChannel channel = FileChannel.open(index, StandardOpenOption.WRITE);
                FileLock free = channel.tryLock(SWITCH, 1, false)) {
            return free == null;
        }
    }
}

package app.dantro.server.db;

import app.dantro.server.StartRefused;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;

/** The folder that holds a shop's data, locked for this one process. */
public final class DataFolder implements AutoCloseable {
    private static final String DATABASE = "dantro.db";

    private final Path folder;
    private final FileChannel lockFile;

    private DataFolder(Path folder, FileChannel lockFile) {
        this.folder = folder;
        this.lockFile = lockFile;
    }

    /**
     * Opens or makes a data folder.
     *
     * @throws StartRefused if it cannot be written, is in use, or holds a database this version must not open
     */
    public static DataFolder open(Path folder) {
        Path absolute = folder.toAbsolutePath().normalize();
        DatabaseFile.check(absolute.resolve(DATABASE));
        try {
            Files.createDirectories(absolute);
            FileChannel channel = FileChannel.open(
                    absolute.resolve("dantro.lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
            lock(channel, absolute);
            return new DataFolder(absolute, channel);
        } catch (IOException e) {
            throw new StartRefused(
                    "The data folder (%s) cannot be written: make it writable, or choose another with --data DIR. Nothing was changed."
                            .formatted(absolute),
                    e);
        }
    }

    private static void lock(FileChannel channel, Path folder) throws IOException {
        FileLock lock = null;
        try {
            lock = channel.tryLock();
        } catch (java.nio.channels.OverlappingFileLockException inThisProcess) {
            channel.close();
        }
        if (lock == null) {
            channel.close();
            throw new StartRefused(
                    "Another Dantro is using the data folder (%s): stop it, or choose another with --data DIR."
                            .formatted(folder));
        }
    }

    public Path database() {
        return folder.resolve(DATABASE);
    }

    @Override
    public void close() {
        try {
            lockFile.close();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}

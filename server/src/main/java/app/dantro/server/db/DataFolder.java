package app.dantro.server.db;

import app.dantro.server.StartRefused;
import app.dantro.server.seal.Seals;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Optional;
import java.util.Set;

/** The folder that holds a shop's data, locked for this one process. */
public final class DataFolder implements AutoCloseable {
    /** With less room on its disk the owner is told to make some. */
    public static final long LITTLE_BYTES = 200L << 20;

    private static final String DATABASE = "dantro.db";

    private final Path folder;
    private final FileChannel lockFile;

    private final Checked checked;

    private DataFolder(Path folder, FileChannel lockFile, Checked checked) {
        this.folder = folder;
        this.lockFile = lockFile;
        this.checked = checked;
    }

    /**
     * Opens or makes a data folder.
     *
     * @throws StartRefused if it cannot be written, is in use, or holds a database this version must not open
     */
    public static DataFolder open(Path folder) {
        return open(folder, false);
    }

    /**
     * The same, if need be on what is left of a damaged database.
     *
     * @param acceptDamage whether to go on though less is there than was acknowledged; the seal that says so is laid aside
     */
    public static DataFolder open(Path folder, boolean acceptDamage) {
        return open(folder, acceptDamage, DatabaseFile.LARGE_BYTES);
    }

    /** The same with a database of a size of one's own taken as large. */
    static DataFolder open(Path folder, boolean acceptDamage, long largeFrom) {
        Path absolute = folder.toAbsolutePath().normalize();
        Path lock = absolute.resolve("dantro.lock");
        boolean known = Files.exists(lock);
        Checked checked = Checked.NOTHING;
        try {
            if (!known) {
                closedElsewhere(absolute);
                Leftovers.seal(absolute.resolve(DATABASE), acceptDamage);
                checked = DatabaseFile.check(absolute.resolve(DATABASE), largeFrom);
                made(absolute);
            }
            FileChannel channel = FileChannel.open(
                    lock,
                    known
                            ? Set.of(StandardOpenOption.WRITE)
                            : Set.of(StandardOpenOption.CREATE, StandardOpenOption.WRITE));
            lockOrClose(channel, absolute);
            Leftovers.clear(absolute.resolve("temp"));
            if (known) {
                Leftovers.seal(absolute.resolve(DATABASE), acceptDamage);
                checked = checkOrClose(channel, absolute.resolve(DATABASE), largeFrom);
            }
            return new DataFolder(absolute, channel, checked);
        } catch (IOException e) {
            throw new StartRefused(
                    "The data folder (%s) cannot be written: make it writable, or choose another with --data DIR. Nothing was changed."
                            .formatted(absolute),
                    e);
        }
    }

    /**
     * Takes a folder for this process, whatever is in it; made if it is not there.
     *
     * @throws StartRefused if another program uses it
     */
    public static DataFolder hold(Path folder) throws IOException {
        Path absolute = folder.toAbsolutePath().normalize();
        made(absolute);
        FileChannel channel =
                FileChannel.open(absolute.resolve("dantro.lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
        lockOrClose(channel, absolute);
        return new DataFolder(absolute, channel, Checked.NOTHING);
    }

    /** A new folder is its owner's alone; one that somebody made stays as they made it, but for what is inside. */
    private static void made(Path folder) throws IOException {
        if (!Files.exists(folder)) {
            Files.createDirectories(folder);
            if (Files.getFileStore(folder).supportsFileAttributeView(PosixFileAttributeView.class)) {
                Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwx------"));
            }
        }
    }

    private static void lockOrClose(FileChannel channel, Path folder) throws IOException {
        boolean locked;
        try {
            locked = channel.tryLock() != null;
        } catch (OverlappingFileLockException inThisProcess) {
            locked = false;
        }
        if (!locked) {
            channel.close();
            throw new StartRefused(
                    "Another Dantro is using the data folder (%s): stop it, or choose another with --data DIR."
                            .formatted(folder));
        }
        try {
            closedElsewhere(folder);
        } catch (StartRefused refused) {
            channel.close();
            throw refused;
        }
    }

    /** Before anything is looked at or laid aside: the lock file may have been deleted under a program that runs. */
    private static void closedElsewhere(Path folder) throws IOException {
        if (OpenElsewhere.is(folder.resolve(DATABASE))) {
            throw new StartRefused(
                    "Another program has the database in (%s) open, though nothing holds dantro.lock: stop it, then start again."
                            .formatted(folder));
        }
    }

    /** Under the lock, so that another process's half-written pages are not taken for damage. */
    private static Checked checkOrClose(FileChannel channel, Path database, long largeFrom) throws IOException {
        try {
            return DatabaseFile.check(database, largeFrom);
        } catch (StartRefused refused) {
            channel.close();
            throw refused;
        }
    }

    /** The ends of the chains as the start found them; empty if it had no reason to look at them. */
    Optional<Seals> checked() {
        return checked.now();
    }

    /** The seal against which all rows are still to be held. */
    Optional<Seals> unread() {
        return checked.unread();
    }

    public Path path() {
        return folder;
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

package app.dantro.server.backup;

import app.dantro.server.db.DatabaseCopy;
import app.dantro.server.db.DatabaseCopy.Looked;
import app.dantro.server.problem.DiskFull;
import app.dantro.server.seal.SealFile;
import app.dantro.server.seal.Seals;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Optional;

/**
 * One copy of a database. It counts once it was looked at: whole, with all that was acknowledged before it began, and it can
 * be opened.
 *
 * @param cases how many cases are in it
 */
record Backup(Path file, long bytes, long cases, int schema) {
    private static final long SPARE_BYTES = 16L << 20;

    /**
     * Makes a copy and its seal.
     *
     * @throws BackupFailed in words, with nothing left behind
     */
    static Backup make(Path database, Path to) {
        Path making = makingOf(to);
        try {
            Files.createDirectories(to.getParent());
            space(database, to.getParent());
            Files.deleteIfExists(making);
            Optional<Seals> acknowledged = SealFile.read(SealFile.beside(database));
            DatabaseCopy.make(database, making);
            Looked looked = DatabaseCopy.look(making, acknowledged);
            SealFile.leave(sealOf(to), looked.seals());
            return counts(making, to, looked);
        } catch (IOException e) {
            throw new BackupFailed("No backup could be made in %s: %s".formatted(to.getParent(), why(e)), e);
        } finally {
            leaveNothing(making);
        }
    }

    /** The same copy once more, in another place. */
    static Backup copy(Backup made, Path folder) {
        Path to = folder.resolve(made.file().getFileName());
        Path making = makingOf(to);
        try {
            if (!Files.isDirectory(folder)) {
                throw new IOException("there is no such folder");
            }
            space(made.file(), folder);
            Files.copy(made.file(), making, StandardCopyOption.REPLACE_EXISTING);
            Looked looked = DatabaseCopy.look(making, SealFile.read(sealOf(made.file())));
            Files.copy(sealOf(made.file()), sealOf(to), StandardCopyOption.REPLACE_EXISTING);
            return counts(making, to, looked);
        } catch (IOException e) {
            throw new BackupFailed("The second copy could not be laid in %s: %s".formatted(folder, why(e)), e);
        } finally {
            leaveNothing(making);
        }
    }

    /**
     * What is in a backup, if it is whole.
     *
     * @throws BackupFailed in words, if it is not
     */
    static Backup look(Path file) {
        try {
            if (!Files.isRegularFile(file)) {
                throw new IOException("there is no such file");
            }
            Looked looked = DatabaseCopy.look(file, SealFile.read(sealOf(file)));
            return new Backup(file, Files.size(file), looked.cases(), looked.schema());
        } catch (IOException e) {
            throw new BackupFailed("The backup (%s) cannot be used: %s".formatted(file, why(e)), e);
        }
    }

    /** Where the seal of a backup lies. */
    static Path sealOf(Path backup) {
        return backup.resolveSibling(backup.getFileName() + ".seal");
    }

    private static Path makingOf(Path backup) {
        return backup.resolveSibling(backup.getFileName() + ".making");
    }

    private static Backup counts(Path making, Path to, Looked looked) throws IOException {
        Files.move(making, to, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        return new Backup(to, Files.size(to), looked.cases(), looked.schema());
    }

    private static void space(Path database, Path folder) throws IOException {
        long needed = Files.size(database) + SPARE_BYTES;
        long free = Files.getFileStore(folder).getUsableSpace();
        if (free < needed) {
            throw new IOException(
                    "only %d MB are free there, and %d MB are needed".formatted(free >> 20, needed >> 20));
        }
    }

    private static String why(Exception e) {
        return DiskFull.is(e) ? "the disk is full" : String.valueOf(e.getMessage());
    }

    private static void leaveNothing(Path making) {
        try {
            Files.deleteIfExists(making);
            Files.deleteIfExists(making.resolveSibling(making.getFileName() + "-journal"));
        } catch (IOException e) {
            throw new BackupFailed("What was begun (%s) cannot be removed: remove it by hand.".formatted(making), e);
        }
    }
}

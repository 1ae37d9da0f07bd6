package app.dantro.server.db;

import app.dantro.server.seal.SealFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Instant;
import java.util.Comparator;
import java.util.stream.Stream;

/** What an earlier program left: temporary files, and the seal of what was damaged since. */
final class Leftovers {
    private Leftovers() {}

    /** Clears the temporary files away; what this program has put there already stays. */
    static void clear(Path temporary) throws IOException {
        if (!Files.isDirectory(temporary)) {
            return;
        }
        Instant started = ProcessHandle.current().info().startInstant().orElse(Instant.MIN);
        try (Stream<Path> left = Files.walk(temporary)) {
            for (Path file : left.sorted(Comparator.reverseOrder()).toList()) {
                boolean old = Files.getLastModifiedTime(file).toInstant().isBefore(started);
                boolean full = Files.isDirectory(file) && !isEmpty(file);
                if (old && !full && !file.equals(temporary)) {
                    Files.delete(file);
                }
            }
        }
    }

    /** Lays the seal of a database aside, where less than it vouches for is to be accepted. */
    static void seal(Path database, boolean acceptDamage) throws IOException {
        Path seal = SealFile.beside(database);
        if (acceptDamage && Files.exists(seal)) {
            Files.move(
                    seal,
                    seal.resolveSibling(seal.getFileName() + ".before"),
                    StandardCopyOption.ATOMIC_MOVE,
                    StandardCopyOption.REPLACE_EXISTING);
        }
    }

    private static boolean isEmpty(Path folder) throws IOException {
        try (Stream<Path> inside = Files.list(folder)) {
            return inside.findAny().isEmpty();
        }
    }
}

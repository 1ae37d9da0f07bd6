package app.dantro.acceptance;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Stream;

/** The demo's data as the program makes it in its first start, made once for all tests of a process. */
final class DemoFolder {
    private static Path made;

    private DemoFolder() {}

    /** Lays it into an empty folder; one that holds something stays as it is. */
    static synchronized void laidInto(Path folder, Consumer<Path> making) {
        try {
            if (!files(folder).isEmpty()) {
                return;
            }
            if (made == null) {
                Path fresh = Files.createTempDirectory("dantro-demo");
                making.accept(fresh);
                made = fresh;
            }
            for (Path file : files(made)) {
                Files.copy(file, folder.resolve(file.getFileName()));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static List<Path> files(Path folder) throws IOException {
        if (!Files.exists(folder)) {
            return List.of();
        }
        try (Stream<Path> all = Files.list(folder)) {
            return all.filter(Files::isRegularFile).toList();
        }
    }
}

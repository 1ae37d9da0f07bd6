package app.dantro.server;

import java.nio.file.Path;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.io.TempDir;

/** A running server with a folder of its own, for all tests of a class. */
abstract class OneServer {
    @TempDir
    static Path folder;

    static RunningServer server;

    @BeforeAll
    static void start() {
        server = RunningServer.on(folder);
    }

    @AfterAll
    static void stop() {
        server.close();
    }
}

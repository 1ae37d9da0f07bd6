package app.dantro.server;

import java.nio.file.Path;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.io.TempDir;

/** A running server with a folder of its own, for all tests of a class. */
public abstract class OneServer {
    @TempDir
    protected static Path folder;

    protected static RunningServer server;

    @BeforeAll
    static void start() {
        server = RunningServer.on(folder);
    }

    @AfterAll
    static void stop() {
        server.close();
    }
}

package app.dantro.server;

import static app.dantro.server.RunningServer.fresh;
import static app.dantro.server.RunningServer.reading;

import org.junit.jupiter.api.BeforeEach;

/** The same with the battery read at rest. */
abstract class OneRestedCase extends OneCase {
    @BeforeEach
    void rests() throws Exception {
        server.put(path + fresh("readings"), reading("post-plus", "post-minus", "REST", "12.60"));
    }
}

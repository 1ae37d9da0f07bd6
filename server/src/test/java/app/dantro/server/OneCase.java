package app.dantro.server;

import java.util.Map;
import org.junit.jupiter.api.BeforeEach;

/** A running server with a new case for each test. */
abstract class OneCase extends OneServer {
    String path;

    @BeforeEach
    void open() throws Exception {
        path = server.openCase();
    }

    static Map<String, Object> said(String topic, String value) {
        return Map.of("topic", topic, "value", value, "note", "", "by", "t", "saidAtMs", 5);
    }

    static Map<String, Object> strike(String target, boolean restores) {
        return Map.of("target", target, "restores", restores, "reason", "Misread", "by", "test", "struckAtMs", 1);
    }
}

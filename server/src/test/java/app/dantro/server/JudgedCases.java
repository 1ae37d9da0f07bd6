package app.dantro.server;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.util.stream.StreamSupport;

/** A running server whose cases are waited for until they are judged. */
abstract class JudgedCases extends OneServer {
    static JsonNode judged(String path) throws IOException, InterruptedException {
        for (int i = 0; i < 600; i++) {
            JsonNode view = server.get(path).body();
            if (!view.at("/judgement/preparing").asBoolean()) {
                return view;
            }
            Thread.sleep(50);
        }
        throw new AssertionError("The circuit of (%s) was not ready in 30 s.".formatted(path));
    }

    static JsonNode row(JsonNode sheet, String path) {
        JsonNode rows = sheet.isArray() ? sheet : sheet.path("rows");
        return StreamSupport.stream(rows.spliterator(), false)
                .filter(r -> r.toString().contains(path.substring(path.lastIndexOf('/') + 1)))
                .findFirst()
                .orElseThrow(() -> new AssertionError("No row for (%s) in %s".formatted(path, sheet)));
    }
}

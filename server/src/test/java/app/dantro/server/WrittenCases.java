package app.dantro.server;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;

/** The written cases of the core as case files. */
final class WrittenCases {
    private static final ObjectMapper JSON = new ObjectMapper();

    private static final Path WRITTEN = Path.of(
            "..", "core", "src", "test", "resources", "app", "dantro", "core", "procedure", "written-cases.txt");

    /** No multiple of any step that a temperature might be rounded to. */
    private static final double CELSIUS = 22.3;

    /** The written cases, those on one circuit together. */
    static List<String> lines() throws IOException {
        return Files.readAllLines(WRITTEN).stream()
                .filter(l -> !l.startsWith("#"))
                .sorted(Comparator.comparing(l -> l.split(" \\| ")[1]))
                .toList();
    }

    static ObjectNode file(String line) {
        String[] field = line.split(" \\| ");
        ObjectNode file = JSON.createObjectNode().put("format", "dantro-case").put("version", 1);
        file.putObject("vehicle")
                .put("name", field[0].substring(0, Math.min(60, field[0].length())))
                .put("complaint", "as written")
                .put("concern", field[2].toLowerCase(Locale.ROOT));
        file.putObject("state").put("celsius", CELSIUS);
        file.putObject("circuit").put("ready_made", field[1]);
        ArrayNode readings = file.putArray("readings");
        long at = 1_790_000_000_000L;
        for (String one : field[3].split("; ")) {
            String[] word = one.split(" ");
            ObjectNode reading = readings.addObject()
                    .put("red", word[0].split(">")[0])
                    .put("black", word[0].split(">")[1])
                    .put("condition", word[1].toLowerCase(Locale.ROOT))
                    .put("typed", word[2])
                    .put("taken_at_ms", at);
            at += 60_000;
            if (word.length > 3) {
                reading.put("amps", Double.parseDouble(word[3])).put("amps_known_by", "clamp");
            }
        }
        return file;
    }

    private WrittenCases() {}
}

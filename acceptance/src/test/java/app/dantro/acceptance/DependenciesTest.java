package app.dantro.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.lang.module.ModuleDescriptor.Version;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What is shipped is no older than the first safe version of dependencies.csv, the kept list. */
class DependenciesTest {
    private static final Path ROOT = Path.of(System.getProperty("dantro.root"));
    private static final String MODULES = "node_modules/";

    private record Row(String kind, String artefact, Version safe) {
        static Row of(String line) {
            String[] cells = line.split(",", 4);
            return new Row(cells[0], cells[1], Version.parse(cells[2]));
        }

        /** The artefact without its group. */
        String name() {
            return artefact.substring(artefact.indexOf(':') + 1);
        }
    }

    private static List<Row> rows(String kind) throws IOException {
        try (Stream<String> lines = Files.lines(ROOT.resolve("dependencies.csv"))) {
            return lines.skip(1).map(Row::of).filter(r -> r.kind().equals(kind)).toList();
        }
    }

    @Test
    void noLibraryOfTheProgramIsOlder() throws IOException {
        List<String> jars = Arrays.stream(System.getProperty("java.class.path").split(":"))
                .map(jar -> Path.of(jar).getFileName().toString())
                .toList();
        for (Row row : rows("maven")) {
            List<Version> shipped = jars.stream()
                    .filter(jar -> jar.matches(row.name() + "-\\d.*\\.jar"))
                    .map(jar -> Version.parse(jar.substring(row.name().length() + 1, jar.length() - ".jar".length())))
                    .toList();
            assertThat(shipped).as(row.artefact()).isNotEmpty().allMatch(v -> v.compareTo(row.safe()) >= 0);
        }
    }

    @Test
    void noLibraryOfThePageIsOlder() throws IOException {
        JsonNode packages = new ObjectMapper()
                .readTree(ROOT.resolve("ui/package-lock.json").toFile())
                .get("packages");
        for (Row row : rows("npm")) {
            List<Version> locked = packages.properties().stream()
                    .filter(p -> p.getKey().endsWith(MODULES + row.name()))
                    .map(Map.Entry::getValue)
                    .map(p -> Version.parse(p.get("version").asText()))
                    .toList();
            assertThat(locked).as(row.artefact()).isNotEmpty().allMatch(v -> v.compareTo(row.safe()) >= 0);
        }
    }

    @Test
    void theBuildRefusesWhatTheListNames() throws IOException {
        String pom = Files.readString(ROOT.resolve("pom.xml"));
        List<String> banned = rows("maven").stream()
                .map(r -> "<exclude>%s:(,%s)</exclude>".formatted(r.artefact(), r.safe()))
                .toList();
        assertThat(pom).contains(banned);
        assertThat(pom.split("<exclude>")).as("no other ones").hasSize(banned.size() + 1);
    }
}

package app.dantro.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Whatever the code cites can be looked up. */
class CitationTest {
    private static final Path ROOT = Path.of("..");
    private static final Pattern SECTION = Pattern.compile("docs/(job|physics)\\.md, ([^).;:]+(?:; [^).;:]+)*)");
    private static final Pattern DECISION = Pattern.compile("decisions/([0-9]{4})");
    private static final Pattern KEY = Pattern.compile("(?<![\\w{@])\\[([A-Z][A-Z0-9]{1,})\\]");

    private static final Pattern CONSTANT = Pattern.compile("static final \\w+ (\\w+) =");

    private record Citation(String file, String of, String what) {}

    @Test
    void everySectionIsAHeading() throws IOException {
        List<Citation> cited = citations(SECTION);
        assertThat(cited).hasSizeGreaterThan(50);
        Set<String> job = headings("job");
        Set<String> physics = headings("physics");
        assertThat(cited).allSatisfy(c -> {
            for (String part : c.what().split(", |; | and ")) {
                assertThat(c.of().equals("job") ? job : physics)
                        .as("%s cites docs/%s.md, (%s)", c.file(), c.of(), part)
                        .contains(part.strip().toLowerCase(Locale.ROOT));
            }
        });
    }

    @Test
    void everyDecisionIsOnRecord() throws IOException {
        Set<String> numbers;
        try (Stream<Path> files = Files.list(ROOT.resolve("docs/decisions"))) {
            numbers = files.map(f -> f.getFileName().toString().substring(0, 4)).collect(Collectors.toSet());
        }
        assertThat(citations(DECISION))
                .isNotEmpty()
                .allSatisfy(c -> assertThat(numbers).contains(c.of()));
    }

    @Test
    void everySourceIsInTheList() throws IOException {
        String sources = Files.readString(ROOT.resolve("docs/sources.md"));
        assertThat(citations(KEY))
                .isNotEmpty()
                .allSatisfy(c -> assertThat(sources).as(c.file()).contains("| " + c.of() + " |"));
    }

    /** A mark is a section's, a decision's, or {@code ASSUMED_} with its reason; those below it share it. */
    @Test
    void everyMarkSaysWhereItComesFrom() throws IOException {
        List<Path> marks;
        try (Stream<Path> files = Files.walk(ROOT.resolve("core/src/main/java"))) {
            marks = files.filter(f -> f.endsWith("Marks.java") || f.endsWith("Parameters.java"))
                    .toList();
        }
        assertThat(marks).hasSizeGreaterThan(10);
        for (Path file : marks) {
            String source = Files.readString(file);
            boolean wholeTable =
                    source.substring(0, source.indexOf("final class")).contains("docs/");
            String reason = "";
            for (String block : source.substring(source.indexOf("final class")).split("\\n(?=\\s*/\\*\\*)|(?<=\\*/)")) {
                reason = block.contains("/**") ? block : reason;
                Matcher constant = CONSTANT.matcher(block);
                while (constant.find()) {
                    boolean sourced = wholeTable || reason.contains("docs/") || reason.contains("{@link");
                    boolean assumed = constant.group(1).startsWith("ASSUMED_") && !reason.isBlank();
                    assertThat(sourced || assumed)
                            .as("%s of %s", constant.group(1), file)
                            .isTrue();
                }
            }
        }
    }

    /** The heading without its number's title: "Test 5: Starter draw" is cited as "test 5". */
    private static Set<String> headings(String document) throws IOException {
        return Files.readAllLines(ROOT.resolve("docs/" + document + ".md")).stream()
                .filter(l -> l.startsWith("## "))
                .map(l -> l.substring(3).replaceAll(":.*", "").toLowerCase(Locale.ROOT))
                .collect(Collectors.toSet());
    }

    private static List<Citation> citations(Pattern pattern) throws IOException {
        List<Citation> all = new ArrayList<>();
        for (String module : List.of("core", "server")) {
            try (Stream<Path> files = Files.walk(ROOT.resolve(module + "/src/main/java"))) {
                for (Path file :
                        files.filter(f -> f.toString().endsWith(".java")).toList()) {
                    String text = Files.readString(file).replaceAll("\\s*\\n\\s*(\\*|//)?\\s*", " ");
                    Matcher found = pattern.matcher(text);
                    while (found.find()) {
                        all.add(new Citation(
                                file.getFileName().toString(),
                                found.group(1),
                                found.groupCount() > 1 ? found.group(2) : ""));
                    }
                }
            }
        }
        return all;
    }
}

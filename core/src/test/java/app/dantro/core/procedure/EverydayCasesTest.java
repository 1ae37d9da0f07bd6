package app.dantro.core.procedure;

import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.finding.PartFinding;
import app.dantro.core.finding.Standing;
import app.dantro.core.inference.PreparedCircuit;
import app.dantro.core.record.CaseRecord;
import java.io.IOException;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What healthy and faulty everyday vehicles show, and what may be said of them then (everyday-cases.txt). */
class EverydayCasesTest {
    private static final Map<String, PreparedCircuit> PREPARED = new HashMap<>();
    private final OrderOfWork order = new OrderOfWork();

    static List<EverydayCase> cases() throws IOException {
        return EverydayCase.all();
    }

    @AfterAll
    static void forget() {
        PREPARED.clear();
    }

    @Test
    void everyRowIsCovered() throws IOException {
        assertThat(cases()).hasSizeGreaterThanOrEqualTo(150);
        assertThat(cases()).allSatisfy(c -> assertThat(c.title()).contains("from: "));
        assertThat(cases()).allSatisfy(c -> assertThat(c.expects()).isNotEmpty());
    }

    @ParameterizedTest
    @MethodSource("cases")
    void onlyWhatMayBeSaidIsSaid(EverydayCase written) {
        for (String expect : written.expects()) {
            String[] word = expect.split(" ", 2);
            switch (word[0]) {
                case "nobody" -> {
                    for (int n = 1; n <= written.lines().size(); n++) {
                        assertThat(alarmed(assess(written, n)))
                                .as("after %d readings", n)
                                .isEmpty();
                    }
                }
                case "suspect" -> {
                    Assessment end = assess(written, written.lines().size());
                    assertThat(names(word[1])).as("any of them").containsAnyElementsOf(alarmed(end));
                    assertThat(alarmed(end)).isNotEmpty();
                    assertThat(names(word[1])).containsAll(faulty(end));
                }
                case "spare" ->
                    assertThat(alarmed(assess(written, written.lines().size())))
                            .doesNotContainAnyElementsOf(names(word[1]));
                case "says" ->
                    assertThat(assess(written, written.lines().size())
                                    .findings()
                                    .headline())
                            .contains(word[1]);
                case "asks" ->
                    assertThat(last(written)
                                    .readings()
                                    .get(written.lines().size() - 1)
                                    .slip())
                            .as("asked about the last reading")
                            .isPresent();
                case "silent" ->
                    assertThat(last(written).readings())
                            .allSatisfy(r -> assertThat(r.slip()).isEmpty());
                default -> throw new IllegalArgumentException("Nothing is known of (%s).".formatted(expect));
            }
        }
    }

    private static CaseRecord last(EverydayCase written) {
        return written.record(written.lines().size());
    }

    private static List<String> names(String words) {
        return Arrays.asList(words.split("\\|"));
    }

    private Assessment assess(EverydayCase written, int readings) {
        double celsius = written.celsius();
        PreparedCircuit prepared = PREPARED.computeIfAbsent(
                written.circuit().id() + celsius, k -> PreparedCircuit.of(written.circuit(), celsius));
        Assessment assessment = order.assess(written.loop(), written.record(readings), prepared);
        speaksWithOneVoice(assessment);
        return assessment;
    }

    /** Headline, bars, standings and step say the same of every part. */
    private static void speaksWithOneVoice(Assessment said) {
        Set<String> alarmed = alarmed(said);
        String headline = said.findings().headline();
        assertThat(said.verdict().orElseThrow().suspects())
                .as("bars beside “%s”", headline)
                .allSatisfy(p -> assertThat(alarmed).contains(p.part().value()));
        if (headline.equals("Nothing is proven yet.") || said.next().kind() == Step.Kind.CLOSE) {
            assertThat(alarmed).as(headline).isEmpty();
        }
        if (said.next().kind() == Step.Kind.REPAIR) {
            assertThat(faulty(said)).contains(said.next().part().orElseThrow().value());
        }
        assertThat(headline.contains("Faulty:"))
                .as(headline)
                .isEqualTo(!faulty(said).isEmpty());
    }

    private static Set<String> alarmed(Assessment assessment) {
        return assessment.findings().parts().stream()
                .filter(PartFinding::alarmed)
                .map(p -> p.part().value())
                .collect(Collectors.toCollection(TreeSet::new));
    }

    private static Set<String> faulty(Assessment assessment) {
        return assessment.findings().withStanding(Standing.FAULTY).stream()
                .map(Object::toString)
                .collect(Collectors.toCollection(TreeSet::new));
    }
}

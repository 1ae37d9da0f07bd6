package app.dantro.core.procedure;

import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import app.dantro.core.finding.Doubt;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.finding.Standing;
import app.dantro.core.inference.PreparedCircuit;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Statistic;
import app.dantro.core.reading.TypedVolts;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.RecordedReading;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Whole cases with their expected standing, contradictions and next step (written-cases.txt). */
class WrittenCasesTest {
    private static final double LIKELY = 0.5;
    private static final Map<String, PreparedCircuit> PREPARED = new HashMap<>();

    private final OrderOfWork order = new OrderOfWork();

    static Stream<String> lines() throws IOException {
        try (InputStream in = WrittenCasesTest.class.getResourceAsStream("written-cases.txt")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines().filter(l -> !l.startsWith("#")).toList().stream();
        }
    }

    @AfterAll
    static void forget() {
        PREPARED.clear();
    }

    @ParameterizedTest
    @MethodSource("lines")
    void aWrittenCaseEndsAsExpected(String line) {
        String[] field = line.split(" \\| ");
        Assessment assessment = assess(field);
        assertThat(named(assessment)).as("faulty, or likelier than not").isEqualTo(expected(field[4]));
        assertThat(assessment.findings().doubts().stream()
                        .map(Doubt::reading)
                        .map(id -> Long.toString(id.getLeastSignificantBits()))
                        .distinct()
                        .toList())
                .as("doubted readings")
                .isEqualTo(field[5].equals("-") ? List.of() : List.of(field[5].split(",")));
        assertThat(step(assessment.next())).as("next step").isEqualTo(field[6]);
    }

    /** No verdict changes without {@link OrderOfWork#VERSION}: raise it, and put the new print here. */
    @Test
    void theVerdictsAreThoseOfTheirVersion() throws Exception {
        StringBuilder said = new StringBuilder();
        for (String line : lines().toList()) {
            AsSaid verdict = AsSaid.of(assess(line.split(" \\| ")));
            said.append(verdict.headline());
            verdict.parts()
                    .forEach(p -> said.append(' ').append(p.part()).append('=').append(p.standing()));
            said.append('\n');
        }
        assertThat(OrderOfWork.VERSION + ": " + BasisTest.print(said.toString()))
                .isEqualTo("17: 4f51500f88b462c8");
    }

    private Assessment assess(String[] field) {
        Circuit circuit = ReadyMadeCircuits.named(field[1]).orElseThrow();
        PreparedCircuit prepared = PREPARED.computeIfAbsent(field[1], id -> PreparedCircuit.of(circuit, 20));
        CaseRecord evidence = CaseRecord.of(circuit, 20, readings(field[3]), List.of(), List.of());
        return order.assess(Loop.valueOf(field[2]), evidence, prepared);
    }

    private static List<RecordedReading> readings(String text) {
        List<RecordedReading> all = new ArrayList<>();
        for (String one : text.split("; ")) {
            String[] word = one.split(" ");
            String[] points = word[0].split(">");
            Current current =
                    word.length > 3 ? Current.of(Double.parseDouble(word[3]), Current.How.CLAMP) : Current.unknown();
            all.add(RecordedReading.of(new Reading(
                    new UUID(0, all.size()),
                    PointId.of(points[0]),
                    PointId.of(points[1]),
                    Condition.valueOf(word[1]),
                    TypedVolts.parse(word[2]),
                    Statistic.SETTLED,
                    current,
                    Optional.empty(),
                    false,
                    all.size())));
        }
        return all;
    }

    private static Map<String, Standing> named(Assessment assessment) {
        Map<String, Standing> named = new TreeMap<>();
        for (PartFinding p : assessment.findings().parts()) {
            boolean likely = p.suspicion().filter(s -> s.probability() > LIKELY).isPresent();
            if (p.standing() == Standing.FAULTY || p.standing() == Standing.SUSPECT && likely) {
                named.put(p.part().value(), p.standing());
            }
        }
        return named;
    }

    private static Map<String, Standing> expected(String text) {
        Map<String, Standing> expected = new TreeMap<>();
        for (String one : text.equals("-") ? new String[0] : text.split(" ")) {
            expected.put(one.split("=")[0], Standing.valueOf(one.split("=")[1]));
        }
        return expected;
    }

    private static String step(Step step) {
        return step.kind() + step.part().map(PartId::value).map(p -> " " + p).orElse("");
    }
}

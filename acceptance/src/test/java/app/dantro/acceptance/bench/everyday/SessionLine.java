package app.dantro.acceptance.bench.everyday;

import app.dantro.core.finding.PartFinding;
import app.dantro.core.procedure.Assessment;
import app.dantro.core.record.RecordedReading;
import java.util.List;
import java.util.stream.Collectors;

/** What is said at one moment of a session, in a line. */
final class SessionLine {
    private SessionLine() {}

    static String of(Assessment said, List<PartFinding> bad) {
        return "  %s | %s%s -> %s %s"
                .formatted(
                        bad.stream().map(SessionLine::shown).toList(),
                        said.findings().headline(),
                        said.findings().doubts().stream()
                                .map(d -> " DOUBT " + d.sentence())
                                .collect(Collectors.joining()),
                        said.next().kind(),
                        said.next().title());
    }

    /** A reading as it was taken, with what was asked about it. */
    static String of(RecordedReading r) {
        return "  read %s>%s %s %s %s %s"
                .formatted(
                        r.reading().red(),
                        r.reading().black(),
                        r.reading().condition(),
                        r.reading().typed().text(),
                        r.reading().amps().map(a -> a + " A").orElse(""),
                        r.slip()
                                .map(q -> q.kind() + " " + r.answer().orElseThrow() + ": " + q.sentence())
                                .orElse(""));
    }

    private static String shown(PartFinding p) {
        return "%s %s %.2f"
                .formatted(
                        p.part(),
                        p.standing(),
                        p.suspicion().map(s -> s.probability()).orElse(0.0));
    }
}

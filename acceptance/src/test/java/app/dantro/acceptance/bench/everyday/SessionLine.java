package app.dantro.acceptance.bench.everyday;

import app.dantro.core.finding.PartFinding;
import app.dantro.core.procedure.Assessment;
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

    private static String shown(PartFinding p) {
        return "%s %s %.2f"
                .formatted(
                        p.part(),
                        p.standing(),
                        p.suspicion().map(s -> s.probability()).orElse(0.0));
    }
}

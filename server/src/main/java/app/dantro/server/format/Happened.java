package app.dantro.server.format;

import app.dantro.core.record.ComplaintTest;
import app.dantro.core.record.Repair;
import app.dantro.core.record.Statement;
import java.util.List;

/** What happened in a case beside readings. */
public record Happened(List<Repair> repairs, List<ComplaintTest> tests, List<Statement> statements) {
    public Happened {
        repairs = List.copyOf(repairs);
        tests = List.copyOf(tests);
        statements = List.copyOf(statements);
    }

    /** How many of them can change what follows. */
    public int entries() {
        return repairs.size()
                + tests.size()
                + (int) statements.stream().filter(s -> s.topic().judged()).count();
    }

    public static Happened nothing() {
        return new Happened(List.of(), List.of(), List.of());
    }
}

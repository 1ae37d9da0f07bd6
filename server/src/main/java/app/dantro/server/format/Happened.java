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

    /** How many things that is. */
    public int entries() {
        return repairs.size() + tests.size() + statements.size();
    }

    public static Happened nothing() {
        return new Happened(List.of(), List.of(), List.of());
    }
}

package app.dantro.core.schools;

import app.dantro.core.circuit.Condition;
import app.dantro.core.finding.Findings;
import app.dantro.core.limits.OwnSets;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A case's readings held against every school's limit and against the conductor's own, with the places where the schools
 * part and why: a fixed limit says nothing about the current that flowed.
 */
public record SchoolTable(List<Row> rows) {
    public SchoolTable {
        rows = List.copyOf(rows);
    }

    /** Every reading that counts and that some school has a limit for, the shop's own sets beside the schools. */
    public static SchoolTable of(Findings findings, OwnSets own) {
        return new SchoolTable(Stream.of(
                        new PostRows(findings).rows(),
                        new StartingRows(findings, own).rows(),
                        new PileRow(findings).rows(),
                        new ChargingRows(findings, own).rows())
                .flatMap(List::stream)
                .toList());
    }

    /** The row of a test in a condition. */
    public Optional<Row> of(SchoolReason test, Condition condition) {
        return rows.stream()
                .filter(r -> r.what().is(test) && r.condition() == condition)
                .findFirst();
    }
}

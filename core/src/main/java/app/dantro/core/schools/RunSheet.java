package app.dantro.core.schools;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PointId;
import app.dantro.core.figure.FigureVerdict;
import app.dantro.core.figure.Figures;
import app.dantro.core.finding.Findings;
import app.dantro.core.limits.SchoolVerdict;
import app.dantro.core.reading.Amount;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.Topic;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The same short list of charging tests on one vehicle of several: what each shows, how the schools see it, and which
 * test is due next. It finds the conspicuous vehicle; it proves nothing about a part.
 */
public record RunSheet(List<Cell> cells) {
    /**
     * One test.
     *
     * @param shown empty while it is due
     * @param says where schools part, or what a figure says
     * @param probe where and when it is read; empty for what is worked out or typed elsewhere
     */
    public record Cell(String title, Optional<String> shown, Sign sign, String says, Optional<Probe> probe) {}

    /** Where the leads go. */
    public record Probe(PointId red, PointId black, Condition condition) {}

    /** How a test came out. */
    public enum Sign {
        DUE,
        GOOD,
        PARTED,
        BAD,
        NEUTRAL
    }

    private static final String RIPPLE = "Ripple";

    public RunSheet {
        cells = List.copyOf(cells);
    }

    /** The sheet of a case whose circuit charges. */
    public static Optional<RunSheet> of(Findings findings) {
        return findings.evidence().circuit().alternator().map(a -> new Sheet(findings, a).sheet());
    }

    /** Conspicuous vehicles first: two for every test that is bad, one for every one that schools see apart. */
    public int weight() {
        return cells.stream()
                .mapToInt(c -> c.sign() == Sign.BAD ? 2 : c.sign() == Sign.PARTED ? 1 : 0)
                .sum();
    }

    /** The first test that is not taken yet: readings first, the ripple last. */
    public Optional<Cell> due() {
        List<Cell> open = cells.stream().filter(c -> c.sign() == Sign.DUE).toList();
        return open.stream()
                .filter(c -> c.probe().isPresent())
                .findFirst()
                .or(() -> open.stream().filter(c -> c.title().equals(RIPPLE)).findFirst());
    }

    /** Builds one vehicle's sheet. */
    private static final class Sheet {
        private final Findings findings;
        private final Circuit circuit;
        private final Alternator alternator;
        private final SchoolTable schools;

        Sheet(Findings findings, Alternator alternator) {
            this.findings = findings;
            this.circuit = findings.evidence().circuit();
            this.alternator = alternator;
            this.schools = SchoolTable.of(findings);
        }

        RunSheet sheet() {
            PointId plus = circuit.plusPost();
            PointId minus = circuit.minusPost();
            List<Cell> cells = new ArrayList<>();
            cells.add(read("Base", "Base voltage", plus, minus, Condition.REST));
            cells.add(read("No loads", "Regulated voltage, loads off", plus, minus, Condition.RAISED));
            cells.add(read("Loaded", "Voltage with all loads on", plus, minus, Condition.RAISED_LOADED));
            cells.add(read(
                    "Supply drop", "Charging, whole supply side", alternator.output(), plus, Condition.RAISED_LOADED));
            cells.add(read(
                    "Return drop", "Charging, whole return side", minus, alternator.ground(), Condition.RAISED_LOADED));
            cells.add(row("Charging, both sides together")
                    .map(r -> cell("Sum", r, Optional.empty()))
                    .orElse(new Cell("Sum", Optional.empty(), Sign.DUE, "", Optional.empty())));
            cells.add(amps());
            cells.add(ripple());
            return new RunSheet(cells);
        }

        private Cell read(String title, String what, PointId red, PointId black, Condition condition) {
            Optional<Probe> probe = Optional.of(new Probe(red, black, condition));
            return row(what)
                    .map(r -> cell(title, r, probe))
                    .orElse(new Cell(title, Optional.empty(), Sign.DUE, "", probe));
        }

        private Optional<SchoolTable.Row> row(String what) {
            return schools.rows().stream().filter(r -> r.what().equals(what)).findFirst();
        }

        /** The conductor's own limit decides where there is one; else the schools, if they agree. */
        private static Cell cell(String title, SchoolTable.Row row, Optional<Probe> probe) {
            List<SchoolVerdict> verdicts = Stream.concat(row.own().stream(), row.rulings().stream())
                    .map(SchoolTable.Ruling::verdict)
                    .filter(v -> v != SchoolVerdict.SILENT)
                    .toList();
            boolean fails = verdicts.contains(SchoolVerdict.FAILS);
            boolean allFail = fails && verdicts.stream().allMatch(v -> v == SchoolVerdict.FAILS);
            boolean ownFails =
                    row.own().filter(o -> o.verdict() == SchoolVerdict.FAILS).isPresent();
            Sign sign = verdicts.isEmpty()
                    ? Sign.NEUTRAL
                    : allFail || ownFails ? Sign.BAD : fails ? Sign.PARTED : Sign.GOOD;
            return new Cell(title, Optional.of(row.shown()), sign, row.parting().orElse(""), probe);
        }

        /** The clamp's number; the loads decide how much is asked for, so only its absence is a sign. */
        private Cell amps() {
            Optional<Double> amps = findings.evidence().counted().stream()
                    .filter(r -> r.condition() == Condition.RAISED_LOADED)
                    .map(Reading::amps)
                    .flatMap(Optional::stream)
                    .reduce((first, second) -> second);
            return amps.map(a -> new Cell(
                            "Amps",
                            Optional.of(Amount.amps(a)),
                            Sign.NEUTRAL,
                            "Of its %s."
                                    .formatted(Amount.amps(alternator.rating().maxAmps())),
                            Optional.empty()))
                    .orElse(new Cell(
                            "Amps", Optional.empty(), Sign.DUE, "By clamp, with the drops.", Optional.empty()));
        }

        private Cell ripple() {
            return Figures.of(findings.evidence()).stream()
                    .filter(v -> v.topics().contains(Topic.RIPPLE_LOADED)
                            || v.topics().contains(Topic.RIPPLE_IDLE))
                    .reduce((first, second) -> second)
                    .map(v -> new Cell(RIPPLE, Optional.of(v.shown()), sign(v.sign()), v.says(), Optional.empty()))
                    .orElse(new Cell(RIPPLE, Optional.empty(), Sign.DUE, "Meter on AC.", Optional.empty()));
        }

        private static Sign sign(FigureVerdict.Sign sign) {
            return switch (sign) {
                case GOOD -> Sign.GOOD;
                case SUSPECT -> Sign.PARTED;
                case FAILS -> Sign.BAD;
                case SAYS_LITTLE -> Sign.NEUTRAL;
            };
        }
    }
}

package app.dantro.core.schools;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PointId;
import app.dantro.core.figure.FigureVerdict;
import app.dantro.core.finding.Findings;
import app.dantro.core.quantity.Reason;
import java.util.List;
import java.util.Optional;

/**
 * The same short list of charging tests on one vehicle of several: what each shows, how the schools see it, and which
 * test is due next. It finds the conspicuous vehicle; it proves nothing about a part.
 */
public record RunSheet(List<Cell> cells) {
    /** The tests of the sheet, in the order of its columns. */
    public enum Test {
        BASE("Base"),
        NO_LOADS("No loads"),
        LOADED("Loaded"),
        OWN("B+ to case"),
        SUPPLY_DROP("Supply drop"),
        RETURN_DROP("Return drop"),
        SUM("Sum"),
        AMPS("Amps"),
        RIPPLE("Ripple");

        private final String title;

        Test(String title) {
            this.title = title;
        }

        public String title() {
            return title;
        }
    }

    /**
     * One test.
     *
     * @param shown empty while it is due
     * @param because where schools part, or what a figure says
     * @param probe where and when it is read; empty for what is worked out or typed elsewhere
     */
    public record Cell(Test test, Optional<String> shown, Sign sign, List<Reason> because, Optional<Probe> probe) {
        static Cell due(Test test, List<Reason> because, Optional<Probe> probe) {
            return new Cell(test, Optional.empty(), Sign.DUE, because, probe);
        }

        public String says() {
            return Reason.words(because);
        }
    }

    /** Where the leads go. */
    public record Probe(PointId red, PointId black, Condition condition) {}

    /** How a test came out. */
    public enum Sign {
        DUE,
        GOOD,
        PARTED,
        BAD,
        NEUTRAL;

        static Sign of(FigureVerdict.Sign figure) {
            return switch (figure) {
                case GOOD -> GOOD;
                case SUSPECT -> PARTED;
                case FAILS -> BAD;
                case SAYS_LITTLE -> NEUTRAL;
            };
        }
    }

    public RunSheet {
        cells = List.copyOf(cells);
    }

    /** The sheet of a case whose circuit charges. */
    public static Optional<RunSheet> of(Findings findings, SchoolTable schools) {
        return findings.evidence()
                .circuit()
                .alternator()
                .map(a -> new RunSheet(new RunCells(findings, a, schools).cells()));
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
                .or(() -> open.stream().filter(c -> c.test() == Test.RIPPLE).findFirst());
    }
}

package app.dantro.core.schools;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.finding.Findings;
import app.dantro.core.limits.CrankingLimit;
import app.dantro.core.limits.SchoolVerdict;
import app.dantro.core.limits.StateOfCharge;
import app.dantro.core.limits.VoltageWindow;
import app.dantro.core.quantity.Quantile;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.MeterError;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Statistic;
import app.dantro.core.record.Answer;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.Topic;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The battery's posts: at rest, cranking, regulated, loaded (docs/job.md, limits by school). */
final class PostRows {
    private final CaseRecord record;
    private final Circuit circuit;
    private final int blocks;

    PostRows(Findings findings) {
        this.record = findings.evidence();
        this.circuit = record.circuit();
        this.blocks = circuit.blocks();
    }

    List<Row> rows() {
        List<Row> rows = new ArrayList<>();
        Optional<Reading> base = record.posts(Condition.REST);
        base.ifPresent(r -> rows.add(window(SchoolReason.BASE_VOLTAGE, r, VoltageWindow.base())));
        record.posts(Condition.CRANKING).ifPresent(r -> rows.add(cranking(SchoolReason.CRANKING_VOLTAGE, r)));
        lowest().ifPresent(r -> rows.add(lowest(r)));
        running(Condition.IDLE, SchoolReason.IDLE_VOLTAGE, List.of()).ifPresent(rows::add);
        running(Condition.IDLE_LOADED, SchoolReason.IDLE_LOADED_VOLTAGE, List.of(VoltageWindow.idleLoaded()))
                .ifPresent(rows::add);
        running(Condition.RAISED, SchoolReason.REGULATED_VOLTAGE, VoltageWindow.regulated())
                .ifPresent(rows::add);
        double baseVolts = base.map(r -> Math.abs(r.volts()) / blocks).orElse(StateOfCharge.RESTS_AT_VOLTS);
        running(Condition.RAISED_LOADED, SchoolReason.LOADED_VOLTAGE, VoltageWindow.loaded(baseVolts))
                .ifPresent(rows::add);
        return rows;
    }

    /** The running source, under the schools and, with the loads off, under what its strategy holds. */
    private Optional<Row> running(Condition condition, SchoolReason what, List<VoltageWindow> windows) {
        boolean off = condition == Condition.IDLE || condition == Condition.RAISED;
        return record.posts(condition).map(r -> {
            List<Ruling> rulings = new ArrayList<>(rulings(r, windows));
            if (off) {
                rulings.add(StrategyWindow.ruling(record, condition, Math.abs(r.volts()), error(r)));
            }
            return Row.of(what.with(), r, Optional.empty(), rulings)
                    .parted(List.of(SchoolReason.MARKS_APART.with()))
                    .also(words(r, off));
        });
    }

    /** What a number of its own says in words. */
    private List<Reason> words(Reading reading, boolean off) {
        List<Reason> words = new ArrayList<>();
        record.posts(Condition.REST)
                .filter(base -> Math.abs(reading.volts()) < Math.abs(base.volts()) - error(reading))
                .ifPresent(base -> words.add(
                        SchoolReason.DISCHARGING.with(Quantity.volts(Math.abs(base.volts()), base.resolutionVolts()))));
        boolean wrongType = record.statements().says(Topic.STRATEGY, Answer.CALCIUM)
                && record.statements().says(Topic.CHEMISTRY, Answer.FLOODED);
        if (off && wrongType) {
            words.add(SchoolReason.FLOODED_FOR_CALCIUM.with());
        }
        return words;
    }

    private Row window(SchoolReason what, Reading reading, List<VoltageWindow> windows) {
        return Row.of(what.with(), reading, Optional.empty(), rulings(reading, windows))
                .parted(List.of(SchoolReason.MARKS_APART.with()));
    }

    private List<Ruling> rulings(Reading reading, List<VoltageWindow> windows) {
        double error = error(reading);
        return windows.stream()
                .map(w -> new Ruling(w.school(), limits(w), w.judge(Math.abs(reading.volts()), blocks, error)))
                .toList();
    }

    private Reason limits(VoltageWindow w) {
        Quantity low = Quantity.volts(w.lowVolts() * blocks);
        return Double.isInfinite(w.highVolts())
                ? SchoolReason.AT_LEAST.with(low)
                : SchoolReason.BETWEEN.with(low, Quantity.volts(w.highVolts() * blocks));
    }

    private Row cranking(SchoolReason what, Reading reading) {
        double error = error(reading);
        double volts = Math.abs(reading.volts());
        List<Ruling> rulings = List.of(
                Ruling.least("9.6 for all", Marks.CRANKING_VOLTS * blocks, volts, error),
                Ruling.least("By temperature", CrankingLimit.voltsAt(record.celsius(), blocks), volts, error));
        return Row.of(what.with(), reading, Optional.empty(), rulings).parted(List.of(SchoolReason.COLD_LOWERS.with()));
    }

    /** The newest lowest value at the posts while cranking, by a meter's memory. */
    private Optional<Reading> lowest() {
        return record.peaks()
                .in(Condition.CRANKING)
                .across(circuit.plusPost(), circuit.minusPost())
                .where(r -> r.statistic() == Statistic.MINIMUM)
                .newest();
    }

    /** A lowest value over the limit passes; one under it may be the first tenths of a second, so it fails nothing. */
    private Row lowest(Reading reading) {
        Row row = cranking(SchoolReason.LOWEST_CRANKING, reading);
        List<Ruling> rulings = row.rulings().stream().map(PostRows::settled).toList();
        Row lowest = Row.of(row.what(), reading, row.own(), rulings);
        return rulings.equals(row.rulings())
                ? lowest
                : lowest.because(List.of(SchoolReason.LOWEST_MAY_BE_FIRST.with()));
    }

    private static Ruling settled(Ruling ruling) {
        return ruling.is(SchoolVerdict.FAILS)
                ? new Ruling(
                        ruling.school(),
                        new Reason(SchoolReason.AT_LEAST_SETTLED, ruling.limit().numbers()),
                        SchoolVerdict.SILENT)
                : ruling;
    }

    private static double error(Reading reading) {
        return Quantile.COVERAGE * MeterError.standardVolts(reading);
    }
}

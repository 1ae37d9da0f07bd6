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
import app.dantro.core.record.CaseRecord;
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
        record.posts(Condition.RAISED)
                .ifPresent(r -> rows.add(window(SchoolReason.REGULATED_VOLTAGE, r, VoltageWindow.regulated())));
        double baseVolts = base.map(r -> Math.abs(r.volts()) / blocks).orElse(StateOfCharge.RESTS_AT_VOLTS);
        record.posts(Condition.RAISED_LOADED)
                .ifPresent(r -> rows.add(window(SchoolReason.LOADED_VOLTAGE, r, VoltageWindow.loaded(baseVolts))));
        return rows;
    }

    private Row window(SchoolReason what, Reading reading, List<VoltageWindow> windows) {
        double error = error(reading);
        List<Ruling> rulings = windows.stream()
                .map(w -> new Ruling(w.school(), limits(w), w.judge(Math.abs(reading.volts()), blocks, error)))
                .toList();
        return Row.of(what.with(), reading, Optional.empty(), rulings).parted(List.of(SchoolReason.MARKS_APART.with()));
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

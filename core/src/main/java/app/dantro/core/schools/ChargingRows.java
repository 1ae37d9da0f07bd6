package app.dantro.core.schools;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.Side;
import app.dantro.core.finding.Findings;
import app.dantro.core.limits.OwnSets;
import app.dantro.core.limits.School;
import app.dantro.core.limits.SchoolVerdict;
import app.dantro.core.quantity.Amount;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.DropSum;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Whole sides of the charging loop under load, and both together (docs/job.md, limits by school). */
final class ChargingRows {
    private static final List<Condition> LOADED =
            List.of(Condition.RAISED_LOADED, Condition.FULL_OUTPUT, Condition.PILE_ALTERNATOR);

    private final CaseRecord record;
    private final Circuit circuit;
    private final OwnSets own;

    ChargingRows(Findings findings, OwnSets own) {
        this.record = findings.evidence();
        this.circuit = record.circuit();
        this.own = own;
    }

    List<Row> rows() {
        List<Row> rows = new ArrayList<>();
        circuit.alternator().ifPresent(a -> LOADED.forEach(c -> rows.addAll(rows(a, c))));
        return rows;
    }

    private List<Row> rows(Alternator alternator, Condition condition) {
        List<Row> rows = new ArrayList<>();
        Optional<Reading> supply = record.newest(alternator.output(), circuit.plusPost(), condition);
        Optional<Reading> back = record.newest(circuit.minusPost(), alternator.ground(), condition);
        supply.ifPresent(r -> rows.add(drop(Side.SUPPLY, r, alternator)));
        back.ifPresent(r -> rows.add(drop(Side.RETURN, r, alternator)));
        if (supply.isPresent() && back.isPresent()) {
            rows.add(sum(supply.get(), back.get()));
        }
        return rows;
    }

    private Row drop(Side side, Reading reading, Alternator alternator) {
        List<Part> parts = side == Side.SUPPLY ? circuit.chargingSupply() : circuit.chargingReturn();
        DropSum sum = DropSum.of(reading);
        List<Ruling> rulings = own.schools(Loop.CHARGING, reading.takenAtMillis()).stream()
                .flatMap(s -> s.limitOf(side).map(limit -> ruling(s, limit, sum)).stream())
                .toList();
        SchoolReason what = side == Side.SUPPLY ? SchoolReason.CHARGING_SUPPLY : SchoolReason.CHARGING_RETURN;
        Reason scaled = scaled(reading, sum.volts(), alternator);
        return Row.of(what.with(), reading, OwnLimit.of(reading, parts, record.celsius(), sum), rulings)
                .parted(List.of(scaled))
                .carriedOver(scaled);
    }

    private Ruling ruling(School school, double limitVolts, DropSum sum) {
        return school.id().equals(School.WINDOW) && sum.volts() < School.LEAST_WINDOW_VOLTS
                ? new Ruling(school.name(), SchoolReason.WAS_IT_LOADED.with(), SchoolVerdict.SILENT)
                : Ruling.most(school.name(), limitVolts * circuit.blocks(), sum.volts(), sum.errorVolts());
    }

    /** Drop over current, carried over to the alternator's rated current. */
    private static Reason scaled(Reading reading, double volts, Alternator alternator) {
        double rated = alternator.rating().maxAmps();
        return reading.flowingAmps()
                .map(amps -> SchoolReason.CARRIED_OVER.with(
                        Quantity.volts(volts, reading.resolutionVolts()),
                        Quantity.amps(amps),
                        Quantity.ohms(volts / amps),
                        Quantity.amps(rated),
                        Quantity.volts(volts / amps * rated)))
                .orElseGet(SchoolReason.CURRENT_UNKNOWN::with);
    }

    private Row sum(Reading supply, Reading back) {
        DropSum sum = DropSum.of(supply, back);
        double limit = School.TOTAL_VOLTS * circuit.blocks();
        List<Ruling> rulings = List.of(
                Ruling.most("Window, total", limit, sum.volts(), sum.errorVolts()),
                Ruling.most("Total with pile", limit, sum.volts(), sum.errorVolts()));
        List<Reason> parting = new ArrayList<>();
        if (sum.volts() > limit && eachPasses(supply, back)) {
            parting.add(SchoolReason.SIDES_PASS_SUM_FAILS.with(
                    Quantity.volts(sum.volts(), sum.resolutionVolts()), Quantity.volts(limit)));
        }
        fallen(supply, back).ifPresent(parting::add);
        return new Row(
                SchoolReason.CHARGING_BOTH.with(),
                supply.condition(),
                List.of(supply.id(), back.id()),
                Amount.volts(sum.volts(), sum.resolutionVolts()),
                Optional.empty(),
                rulings,
                parting,
                Optional.empty());
    }

    private boolean eachPasses(Reading supply, Reading back) {
        return School.charging().stream()
                .anyMatch(s -> Math.abs(supply.volts()) < s.supplyVolts().orElseThrow() * circuit.blocks()
                        && Math.abs(back.volts()) < s.returnVolts().orElseThrow() * circuit.blocks());
    }

    /** The charge current falls as the battery fills: drops read minutes apart belong to different currents. */
    private static Optional<Reason> fallen(Reading supply, Reading back) {
        if (supply.flowingAmps().isEmpty() || back.flowingAmps().isEmpty()) {
            return Optional.empty();
        }
        double a = supply.flowingAmps().get();
        double b = back.flowingAmps().get();
        double more = Math.max(a, b);
        double sum = Math.abs(supply.volts()) * more / a + Math.abs(back.volts()) * more / b;
        return Math.abs(a - b) <= Marks.ASSUMED_SAME_CURRENT_SHARE * more
                ? Optional.empty()
                : Optional.of(SchoolReason.DIFFERENT_CURRENTS.with(
                        Quantity.amps(a), Quantity.amps(b), Quantity.amps(more), Quantity.volts(sum)));
    }
}

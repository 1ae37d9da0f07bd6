package app.dantro.core.schools;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PointId;
import app.dantro.core.figure.Figures;
import app.dantro.core.finding.Findings;
import app.dantro.core.limits.SchoolVerdict;
import app.dantro.core.quantity.Amount;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.reading.Newest;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.Topic;
import app.dantro.core.schools.RunSheet.Cell;
import app.dantro.core.schools.RunSheet.Probe;
import app.dantro.core.schools.RunSheet.Sign;
import app.dantro.core.schools.RunSheet.Test;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Fills one vehicle's sheet. */
final class RunCells {
    /** So much the source may stand over the posts, in V a block. */
    private static final double MOST_OVER_VOLTS = 0.5;

    private static final double LEAST_OVER_BASE_VOLTS = 0.4;

    private final Findings findings;
    private final Circuit circuit;
    private final Alternator alternator;
    private final SchoolTable schools;

    RunCells(Findings findings, Alternator alternator, SchoolTable schools) {
        this.findings = findings;
        this.circuit = findings.evidence().circuit();
        this.alternator = alternator;
        this.schools = schools;
    }

    List<Cell> cells() {
        PointId plus = circuit.plusPost();
        PointId minus = circuit.minusPost();
        Condition loaded = Condition.RAISED_LOADED;
        return List.of(
                read(Test.BASE, SchoolReason.BASE_VOLTAGE, new Probe(plus, minus, Condition.REST)),
                read(Test.NO_LOADS, SchoolReason.REGULATED_VOLTAGE, new Probe(plus, minus, Condition.RAISED)),
                read(Test.LOADED, SchoolReason.LOADED_VOLTAGE, new Probe(plus, minus, loaded)),
                own(new Probe(alternator.output(), alternator.ground(), loaded)),
                read(Test.SUPPLY_DROP, SchoolReason.CHARGING_SUPPLY, new Probe(alternator.output(), plus, loaded)),
                read(Test.RETURN_DROP, SchoolReason.CHARGING_RETURN, new Probe(minus, alternator.ground(), loaded)),
                read(Test.SUM, SchoolReason.CHARGING_BOTH, loaded, Optional.empty()),
                amps(),
                ripple());
    }

    private Cell read(Test test, SchoolReason row, Probe probe) {
        return read(test, row, probe.condition(), Optional.of(probe));
    }

    private Cell read(Test test, SchoolReason row, Condition condition, Optional<Probe> probe) {
        return schools.of(row, condition)
                .map(r -> cell(test, r, probe))
                .orElseGet(() -> Cell.due(test, List.of(), probe));
    }

    /** The alternator's own volts stand at most half a volt over the posts: more is lost on the way (docs/job.md, test 18). */
    private Cell own(Probe probe) {
        Optional<Reading> own = newest(probe.red(), probe.black());
        Optional<Double> over = own.flatMap(o -> newest(circuit.plusPost(), circuit.minusPost())
                .map(posts -> Math.abs(o.volts()) - Math.abs(posts.volts())));
        double most = MOST_OVER_VOLTS * circuit.blocks();
        return own.map(o -> new Cell(
                        Test.OWN,
                        Optional.of(Amount.volts(Math.abs(o.volts()), o.resolutionVolts())),
                        over.map(v -> v > most ? Sign.BAD : charges(o) ? Sign.GOOD : Sign.NEUTRAL)
                                .orElse(Sign.NEUTRAL),
                        over.stream()
                                .map(v -> SchoolReason.OVER_THE_POSTS.with(Quantity.volts(v), Quantity.volts(most)))
                                .toList(),
                        Optional.of(probe)))
                .orElseGet(() -> Cell.due(Test.OWN, List.of(), Optional.of(probe)));
    }

    /** A machine that does not stand over its base passes nothing by standing near the posts. */
    private boolean charges(Reading own) {
        return findings.evidence()
                .posts(Condition.REST)
                .filter(base ->
                        Math.abs(own.volts()) < Math.abs(base.volts()) + LEAST_OVER_BASE_VOLTS * circuit.blocks())
                .isEmpty();
    }

    private Optional<Reading> newest(PointId red, PointId black) {
        return findings.evidence()
                .counted()
                .in(Condition.RAISED_LOADED)
                .across(red, black)
                .newest();
    }

    /** The conductor's own limit decides where there is one; else the schools, if they agree. */
    private static Cell cell(Test test, Row row, Optional<Probe> probe) {
        List<SchoolVerdict> verdicts = Stream.concat(row.own().stream(), row.rulings().stream())
                .map(Ruling::verdict)
                .filter(v -> v != SchoolVerdict.SILENT)
                .toList();
        boolean fails = verdicts.contains(SchoolVerdict.FAILS);
        boolean allFail = fails && verdicts.stream().allMatch(v -> v == SchoolVerdict.FAILS);
        boolean ownFails = row.own().filter(o -> o.is(SchoolVerdict.FAILS)).isPresent();
        Sign sign =
                verdicts.isEmpty() ? Sign.NEUTRAL : allFail || ownFails ? Sign.BAD : fails ? Sign.PARTED : Sign.GOOD;
        return new Cell(test, Optional.of(row.shown()), sign, row.parting(), probe);
    }

    /** The clamp's number; the loads decide how much is asked for, so only its absence is a sign. */
    private Cell amps() {
        Quantity rated = Quantity.amps(findings.evidence()
                .statements()
                .figure(Topic.RATED_AMPS)
                .orElse(alternator.rating().maxAmps()));
        return findings.evidence().counted().in(Condition.RAISED_LOADED).stream()
                .map(Reading::amps)
                .flatMap(Optional::stream)
                .reduce(Newest::of)
                .map(a -> new Cell(
                        Test.AMPS,
                        Optional.of(Amount.amps(a)),
                        Sign.NEUTRAL,
                        List.of(SchoolReason.OF_ITS_RATING.with(rated)),
                        Optional.empty()))
                .orElseGet(() -> Cell.due(Test.AMPS, List.of(SchoolReason.BY_CLAMP.with()), Optional.empty()));
    }

    private Cell ripple() {
        return Figures.of(findings.evidence()).stream()
                .filter(v ->
                        v.topics().contains(Topic.RIPPLE_LOADED) || v.topics().contains(Topic.RIPPLE_IDLE))
                .reduce(Newest::of)
                .map(v ->
                        new Cell(Test.RIPPLE, Optional.of(v.shown()), Sign.of(v.sign()), v.because(), Optional.empty()))
                .orElseGet(() -> Cell.due(Test.RIPPLE, List.of(SchoolReason.METER_ON_AC.with()), Optional.empty()));
    }
}

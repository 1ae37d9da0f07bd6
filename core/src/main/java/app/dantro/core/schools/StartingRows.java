package app.dantro.core.schools;

import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.Side;
import app.dantro.core.fact.DropVerdict;
import app.dantro.core.finding.Findings;
import app.dantro.core.limits.OwnSets;
import app.dantro.core.limits.School;
import app.dantro.core.limits.SchoolVerdict;
import app.dantro.core.quantity.Quantile;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.MeterError;
import app.dantro.core.reading.Reading;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Drops of the starting loop under every school (docs/job.md, limits by school). */
public final class StartingRows {
    private final Findings findings;
    private final OwnSets own;

    StartingRows(Findings findings, OwnSets own) {
        this.findings = findings;
        this.own = own;
    }

    List<Row> rows() {
        return findings.verdicts().stream()
                .map(v -> row(v, rulings(v)))
                .filter(r -> r.rulings().stream().anyMatch(ruling -> !ruling.is(SchoolVerdict.SILENT)))
                .toList();
    }

    /** What every school says of one drop, the shop's sets in the version in force when it was taken. */
    public static List<Ruling> of(Findings findings, DropVerdict verdict, OwnSets own) {
        return new StartingRows(findings, own).rulings(verdict);
    }

    private List<Ruling> rulings(DropVerdict verdict) {
        double error = Quantile.COVERAGE * MeterError.standardVolts(verdict.reading());
        return own.schools(Loop.STARTING, verdict.reading().takenAtMillis()).stream()
                .map(s -> new Ruling(
                        s.name(),
                        limit(s, verdict)
                                .map(v -> SchoolReason.AT_MOST.with(Quantity.volts(v)))
                                .orElseGet(SchoolReason.NONE_FOR_THIS::with),
                        s.judge(findings.loop(), verdict.stretch(), verdict.volts(), error)))
                .toList();
    }

    private Optional<Double> limit(School school, DropVerdict verdict) {
        return school.limitFor(findings.loop(), verdict.stretch());
    }

    private Row row(DropVerdict verdict, List<Ruling> rulings) {
        Ruling conductors = new Ruling(
                Ruling.OWN,
                SchoolReason.AT_MOST.with(Quantity.volts(verdict.healthy().upperVolts())),
                own(verdict));
        return Row.of(named(verdict.reading()), verdict.reading(), Optional.of(conductors), rulings)
                .parted(verdict.because());
    }

    private static SchoolVerdict own(DropVerdict verdict) {
        if (verdict.marginal()) {
            return SchoolVerdict.MARGINAL;
        }
        return switch (verdict.answer()) {
            case FAILS -> SchoolVerdict.FAILS;
            case CERTIFIED -> SchoolVerdict.PASSES;
            default -> SchoolVerdict.SILENT;
        };
    }

    private Reason named(Reading reading) {
        boolean pile = reading.condition().pile();
        for (Side side : Side.values()) {
            Map.Entry<PointId, PointId> ends = findings.loop().ends(side);
            if (reading.isAcross(ends.getKey(), ends.getValue())) {
                return (pile ? SchoolReason.PILE_SIDE : SchoolReason.CRANKING_SIDE).with(Quantity.named(side.words()));
            }
        }
        return (pile ? SchoolReason.PILE_DROP : SchoolReason.CRANKING_DROP)
                .with(name(reading.red()), name(reading.black()));
    }

    private Quantity name(PointId point) {
        return Quantity.named(
                findings.evidence().circuit().point(point).map(p -> p.name()).orElse(point.value()));
    }
}

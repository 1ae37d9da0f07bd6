package app.dantro.core.figure;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Part;
import app.dantro.core.figure.FigureVerdict.Sign;
import app.dantro.core.network.Expectation;
import app.dantro.core.network.VehicleState;
import app.dantro.core.quantity.Amount;
import app.dantro.core.quantity.Quantile;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Currents in single branches beside those of a healthy vehicle: where grounds lie in parallel, a whole side may lose few
 * volts while one branch is open and another carries everything (docs/physics.md, parallel grounds hide faults).
 */
final class BranchCurrents {
    private final CaseRecord record;
    private final Map<Condition, Optional<Expectation>> healthy = new EnumMap<>(Condition.class);

    BranchCurrents(CaseRecord record) {
        this.record = record;
    }

    /** The newest current of each branch and condition, in the order they were read. */
    List<FigureVerdict> verdicts() {
        List<Reading> newest = new ArrayList<>();
        List<Reading> readings = new ArrayList<>(record.observed().all());
        Collections.reverse(readings);
        for (Reading reading : readings) {
            boolean known = newest.stream()
                    .anyMatch(r -> r.condition() == reading.condition() && part(r).equals(part(reading)));
            if (part(reading).isPresent() && !known) {
                newest.add(0, reading);
            }
        }
        return newest.stream().flatMap(r -> verdict(r).stream()).toList();
    }

    private Optional<Part> part(Reading reading) {
        return reading.current() instanceof Current.Measured m
                ? m.in().flatMap(record.circuit()::part)
                : Optional.empty();
    }

    /** A current with that of a healthy vehicle, all in A. */
    private record Compared(double shown, double usual, double spread) {
        double low() {
            return usual * Math.exp(-spread / Math.max(usual, Marks.ASSUMED_LEAST_BRANCH_AMPS));
        }

        double high() {
            return usual + spread;
        }

        boolean good() {
            return shown >= Math.min(low(), usual - Marks.ASSUMED_LEAST_BRANCH_AMPS)
                    && shown <= Math.max(high(), usual + Marks.ASSUMED_LEAST_BRANCH_AMPS);
        }

        FigureReason meaning() {
            if (good()) {
                return FigureReason.SHARE_RIGHT;
            }
            if (shown < -Marks.ASSUMED_LEAST_BRANCH_AMPS) {
                return FigureReason.FLOWS_OTHER_WAY;
            }
            if (shown < Marks.ASSUMED_NEXT_TO_NOTHING * usual) {
                return FigureReason.NEXT_TO_NOTHING;
            }
            return shown < usual ? FigureReason.TOO_LITTLE : FigureReason.TOO_MUCH;
        }
    }

    private Optional<FigureVerdict> verdict(Reading reading) {
        Part part = part(reading).orElseThrow();
        return healthy(reading.condition()).map(e -> {
            Compared compared = new Compared(
                    ((Current.Measured) reading.current()).amps(),
                    Math.abs(e.nominal().amps(part.id())),
                    Quantile.HEALTHY * e.standardAmps(part.id()));
            return new FigureVerdict(
                    List.of(),
                    FigureName.BRANCH_CURRENT.with(
                            Quantity.named(part.name()),
                            Quantity.named(reading.condition().words())),
                    Amount.amps(compared.shown),
                    compared.good() ? Sign.GOOD : Sign.SUSPECT,
                    FigureReason.HEALTHY_SHARE.with(
                            Quantity.amps(compared.usual),
                            Quantity.amps(Math.max(0, compared.low())),
                            Quantity.amps(compared.high())),
                    compared.meaning().with());
        });
    }

    private Optional<Expectation> healthy(Condition condition) {
        VehicleState state = new VehicleState(record.celsius(), VehicleState.USUAL_CHARGE, false, List.of());
        return healthy.computeIfAbsent(condition, c -> Expectation.of(record.circuit(), c, state));
    }
}

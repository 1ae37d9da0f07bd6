package app.dantro.core.figure;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Part;
import app.dantro.core.figure.FigureVerdict.Sign;
import app.dantro.core.network.Expectation;
import app.dantro.core.network.VehicleState;
import app.dantro.core.reading.Amount;
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
public final class BranchCurrents {
    /** 99 % of vehicles, with the spreads widened as everywhere (docs/job.md, limits). */
    private static final double UPPER_SIGMAS = 2.58 * 1.5;

    private static final double NEXT_TO_NOTHING = 0.15;
    private static final double LEAST_AMPS = 2;

    private final CaseRecord evidence;
    private final Map<Condition, Optional<Expectation>> healthy = new EnumMap<>(Condition.class);

    public BranchCurrents(CaseRecord evidence) {
        this.evidence = evidence;
    }

    /** The newest current of each branch and condition, in the order they were read. */
    public List<FigureVerdict> verdicts() {
        List<Reading> newest = new ArrayList<>();
        List<Reading> readings = new ArrayList<>(evidence.observed());
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
                ? m.in().flatMap(evidence.circuit()::part)
                : Optional.empty();
    }

    private Optional<FigureVerdict> verdict(Reading reading) {
        Part part = part(reading).orElseThrow();
        double shown = ((Current.Measured) reading.current()).amps();
        return healthy.computeIfAbsent(
                        reading.condition(),
                        c -> Expectation.of(
                                evidence.circuit(), c, new VehicleState(evidence.celsius(), 0.85, false, List.of())))
                .map(e -> verdict(
                        part,
                        reading.condition(),
                        shown,
                        Math.abs(e.nominal().amps(part.id())),
                        UPPER_SIGMAS * e.standardAmps(part.id())));
    }

    private FigureVerdict verdict(Part part, Condition condition, double shown, double usual, double spread) {
        double low = usual - spread;
        double high = usual + spread;
        Sign sign = shown >= Math.min(low, usual - LEAST_AMPS) && shown <= Math.max(high, usual + LEAST_AMPS)
                ? Sign.GOOD
                : Sign.SUSPECT;
        String range = "A healthy one carries about %s (%s to %s)."
                .formatted(Amount.amps(usual), Amount.amps(Math.max(0, low)), Amount.amps(high));
        return new FigureVerdict(
                List.of(),
                "Current in the %s, %s".formatted(part.name(), condition.words()),
                Amount.amps(shown),
                sign,
                range + " " + meaning(sign, shown, usual));
    }

    private static String meaning(Sign sign, double shown, double usual) {
        if (sign == Sign.GOOD) {
            return "Its share is as it should be.";
        }
        if (shown < -LEAST_AMPS) {
            return "It flows the other way: turn the clamp's arrow and look again before it is believed.";
        }
        if (shown < NEXT_TO_NOTHING * usual) {
            return "It carries next to nothing: this branch is open or bad, and its neighbours carry the rest. Read the drop across it.";
        }
        return shown < usual
                ? "It carries too little: something in this branch, or less is asked for. Read the drop across it."
                : "It carries too much: a branch beside it is weak, or more is asked for. Measure that branch too.";
    }
}

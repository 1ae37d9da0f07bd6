package app.dantro.core.fact;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Regulator;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.quantity.Reason;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.Answer;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.Topic;
import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Posts that are not charged with all loads on at raised speed, while neither side loses much: what the machine gives ends
 * there (docs/everyday.md, loads off, all loads, raised; here it must dare).
 */
public final class NoMoreComes {
    private NoMoreComes() {}

    /** That they stand under their base, or far under what they hold with the loads off. */
    public static Optional<Reason> shown(CaseRecord record) {
        double charged = Marks.CLEARLY_CHARGED_VOLTS * record.circuit().blocks();
        Optional<Reading> loaded = record.posts(Condition.RAISED_LOADED).filter(r -> Math.abs(r.volts()) < charged);
        Optional<Double> sides = record.circuit()
                .alternator()
                .map(a -> new BothChargingSides(record, a))
                .flatMap(both -> both.read().filter(v -> v <= both.mostVolts()));
        return loaded.isEmpty() || sides.isEmpty() || makesIt(record, charged)
                ? Optional.empty()
                : underBase(record, loaded.get(), sides.get()).or(() -> falls(record, loaded.get(), sides.get()));
    }

    /** True if its own studs hold the volts with all loads on: then the posts' were read in another moment. */
    private static boolean makesIt(CaseRecord record, double charged) {
        return record.circuit()
                .alternator()
                .flatMap(a -> record.counted()
                        .in(Condition.RAISED_LOADED)
                        .across(a.output(), a.ground())
                        .newest())
                .filter(own -> Math.abs(own.volts()) >= charged)
                .isPresent();
    }

    private static Optional<Reason> underBase(CaseRecord record, Reading loaded, double sides) {
        return ChargingFacts.underBase(record, loaded)
                .map(base -> FactReason.UNDER_BASE_ON_GOOD_SIDES.with(volts(loaded), volts(base), volts(sides)));
    }

    /** A machine that is commanded may have been told to hold less. */
    private static Optional<Reason> falls(CaseRecord record, Reading loaded, double sides) {
        boolean commanded = record.statements().says(Topic.STRATEGY, Answer.SMART)
                || record.circuit()
                        .regulator()
                        .filter(Regulator.COMPUTER::equals)
                        .isPresent();
        if (commanded || flat(record, loaded)) {
            return Optional.empty();
        }
        double most = Marks.MOST_FALL_VOLTS * record.circuit().blocks();
        return Stream.of(Condition.RAISED, Condition.IDLE)
                .flatMap(c -> record.posts(c).stream())
                .max(Comparator.comparingDouble(r -> Math.abs(r.volts())))
                .filter(off -> Math.abs(off.volts()) - Math.abs(loaded.volts()) > most)
                .map(off -> FactReason.FALLS_UNDER_LOAD.with(volts(off), volts(loaded), volts(sides)));
    }

    /** A flat battery takes whatever comes, and holds the posts down by itself. */
    private static boolean flat(CaseRecord record, Reading loaded) {
        return BaseOf.running(record, loaded)
                .filter(base -> Math.abs(base.volts())
                        < Marks.FLAT_VOLTS * record.circuit().blocks())
                .isPresent();
    }

    private static Quantity volts(Reading reading) {
        return Quantity.volts(Math.abs(reading.volts()), reading.resolutionVolts());
    }

    private static Quantity volts(double volts) {
        return Quantity.volts(volts, Marks.DIGIT_VOLTS);
    }
}

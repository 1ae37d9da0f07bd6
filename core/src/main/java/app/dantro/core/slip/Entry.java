package app.dantro.core.slip;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.HealthyDrop;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.circuit.Stretch;
import app.dantro.core.quantity.Amount;
import app.dantro.core.quantity.Quantity;
import app.dantro.core.reading.LoadProof;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Readings;
import app.dantro.core.slip.Slip.Answer;
import app.dantro.core.slip.Slip.Choice;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A reading as it is entered, among those that count.
 *
 * @param all the readings that count
 * @param counted those of them that lie on the starting loop
 */
record Entry(SlipRules.Vehicle vehicle, Readings all, Readings counted, Reading reading) {
    static Entry of(SlipRules.Vehicle vehicle, Readings counted, Reading reading) {
        SeriesLoop loop = vehicle.loop();
        return new Entry(vehicle, counted, counted.where(r -> loop.has(r.red()) && loop.has(r.black())), reading);
    }

    SeriesLoop loop() {
        return vehicle.loop();
    }

    boolean onTheStartersWay() {
        return !reading.condition().running()
                && !reading.condition().pile()
                && loop().has(reading.red())
                && loop().has(reading.black());
    }

    double size() {
        return Math.abs(reading.volts());
    }

    Stretch stretch() {
        return loop().between(reading.red(), reading.black());
    }

    HealthyDrop healthy() {
        return HealthyDrop.of(stretch(), loop().crankingAmps(), reading.flowingAmps(), vehicle.celsius());
    }

    OptionalDouble restVolts() {
        return LoadProof.posts(loop(), counted, Condition.REST).max();
    }

    /** The other drops read in the same condition. */
    Readings drops() {
        return counted.where(other -> !other.id().equals(reading.id())
                && other.condition() == reading.condition()
                && loop().between(other.red(), other.black()).isDrop());
    }

    /** By how much this reading's current exceeded another's; 1 if either is unknown. */
    double currentShare(Reading other) {
        Optional<Double> amps = reading.flowingAmps();
        Optional<Double> others = other.flowingAmps();
        return amps.isPresent() && others.isPresent() ? amps.get() / others.get() : 1;
    }

    Quantity shown() {
        return Quantity.named(shown(reading.volts()));
    }

    /** A value with as many significant digits as were typed. */
    private String shown(double volts) {
        double scale = reading.volts() == 0 ? 1 : Math.abs(volts / reading.volts());
        return Amount.volts(volts, reading.typed().resolutionVolts() * scale);
    }

    Choice asRead() {
        return Choice.of(Answer.AS_READ, SlipReason.SHOWED.with(shown()));
    }

    /** The value that was meant if the point slipped by a factor. */
    Choice moved(double factor) {
        double volts = reading.volts() * factor;
        return Choice.meaning(volts, SlipReason.SHOWED.with(Quantity.named(shown(volts))));
    }

    /** The value that was meant if the point of a reading slipped by a factor. */
    static Choice meant(Reading reading, double factor) {
        double volts = reading.volts() * factor;
        String words = Amount.volts(volts, reading.typed().resolutionVolts() * factor);
        return Choice.meaning(volts, SlipReason.SHOWED.with(Quantity.named(words)));
    }

    Choice turned() {
        return Choice.meaning(-reading.volts(), SlipReason.SWAPPED.with(Quantity.named(shown(-reading.volts()))));
    }

    static Choice repeat() {
        return Choice.of(Answer.REPEAT, SlipReason.NOT_SURE.with());
    }
}

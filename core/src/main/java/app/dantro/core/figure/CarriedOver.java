package app.dantro.core.figure;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.quantity.Amount;
import app.dantro.core.reading.Drop;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.Topic;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A drop with its current as a resistance, and what that loses at the current that counts: the alternator's plate, or this
 * starter's settled current; the class's, marked estimated, where neither is known (docs/job.md, the idea).
 *
 * @param ohms resistance between the leads, in Ω
 * @param volts lost at the reference current, in V
 * @param amps the reference current, in A
 * @param estimated true if the class's current stands in for the vehicle's own
 */
public record CarriedOver(double ohms, double volts, double amps, boolean estimated) {
    /** Of a reading; empty without a current, at a source, and where nothing much flows. */
    public static Optional<CarriedOver> of(CaseRecord record, Reading reading) {
        boolean starting = reading.condition().loadsStarterCables();
        if (!starting && !reading.condition().alternatorsCurrent() || atASource(record.circuit(), reading)) {
            return Optional.empty();
        }
        return record.onItsWay(reading).flowingAmps().map(amps -> {
            double ohms = Drop.ohms(Math.abs(reading.volts()), amps);
            return starting ? atTheStarters(record, ohms) : atTheAlternators(record, ohms);
        });
    }

    private static CarriedOver atTheStarters(CaseRecord record, double ohms) {
        Optional<Double> own = record.countedOnLoop().newestAmps().filter(a -> a > 0);
        double amps = own.orElse(record.loop().crankingAmps().nominalAmps());
        return new CarriedOver(ohms, ohms * amps, amps, own.isEmpty());
    }

    private static CarriedOver atTheAlternators(CaseRecord record, double ohms) {
        OptionalDouble plate = record.statements().figure(Topic.RATED_AMPS);
        double amps = plate.orElse(record.circuit()
                .alternator()
                .map(Alternator::rating)
                .map(Alternator.Rating::maxAmps)
                .orElse(0.0));
        return new CarriedOver(ohms, ohms * amps, amps, plate.isEmpty());
    }

    /** Across a battery, the alternator or the starter a reading is no drop. */
    private static boolean atASource(Circuit circuit, Reading reading) {
        return reading.pair().equals(circuit.posts())
                || circuit.devices().stream()
                        .filter(d -> d.terminals().size() > 1)
                        .anyMatch(d -> reading.isAcross(
                                d.terminals().get(0), d.terminals().get(1)))
                || Math.abs(reading.volts()) > Marks.ASSUMED_LARGEST_DROP_VOLTS * circuit.blocks();
    }

    /** "2.0 mΩ, 0.34 V at 170 A". */
    public String words() {
        return "%s, %s at %s%s"
                .formatted(
                        Amount.ohms(ohms),
                        Amount.volts(volts, Marks.CARRIED_DIGIT_VOLTS),
                        Amount.amps(amps),
                        estimated ? ", estimated" : "");
    }
}

package app.dantro.core.history;

import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.quantity.Quantile;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Readings;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.Repair;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The resistance of a joint or cable as one reading told it, at {@value #REFERENCE_CELSIUS} °C.
 *
 * @param lowOhms least that meter and current allow, of 95 in 100
 * @param highOhms most
 * @param ampsMeasured false where the class's current stood in for a measured one
 */
public record Measured(PartId part, long atMillis, double ohms, double lowOhms, double highOhms, boolean ampsMeasured) {
    public static final double REFERENCE_CELSIUS = 20;

    /** What a case tells: of every part the newest reading just across it, and the one that its repair outdated; as taken. */
    public static List<Measured> in(CaseRecord record) {
        List<Measured> all = new ArrayList<>();
        Readings counted = record.counted();
        for (Part part : record.circuit().parts()) {
            Stream<Reading> before = record.repairs().stream()
                    .filter(repair -> repair.part().equals(part.id()))
                    .flatMap(repair -> across(record, part, repair).stream());
            Stream.concat(before, newest(record, counted, part).stream())
                    .distinct()
                    .flatMap(reading -> of(record, part, reading).stream())
                    .forEach(all::add);
        }
        all.sort(Comparator.comparingLong(Measured::atMillis));
        return all;
    }

    private static Optional<Reading> newest(CaseRecord record, Readings counted, Part part) {
        return counted.across(part.from(), part.to())
                .where(reading -> told(record, part, reading))
                .newest();
    }

    private static Optional<Reading> across(CaseRecord record, Part part, Repair repair) {
        return record.repaired().before(repair).map(record::onItsWay).filter(reading -> told(record, part, reading));
    }

    /** A drop tells a resistance by the current that flowed: measured, or the starter's own. */
    private static boolean told(CaseRecord record, Part part, Reading reading) {
        return reading.flowingAmps().isPresent()
                || reading.condition().loadsStarterCables()
                        && record.loop().part(part.id()).isPresent();
    }

    private static Optional<Measured> of(CaseRecord record, Part part, Reading reading) {
        double toReference = part.resistance().healthyAt(REFERENCE_CELSIUS).nominalOhms()
                / part.resistance().healthyAt(record.celsius()).nominalOhms();
        return OhmsTold.by(record.loop(), reading).map(drop -> {
            double spread = Quantile.TWO_SIDED_95 * drop.standardOhms();
            return new Measured(
                    part.id(),
                    reading.takenAtMillis(),
                    drop.ohms() * toReference,
                    Math.max(0, drop.ohms() - spread) * toReference,
                    (drop.ohms() + spread) * toReference,
                    reading.flowingAmps().isPresent());
        });
    }
}

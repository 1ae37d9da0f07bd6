package app.dantro.core.history;

import app.dantro.core.circuit.ParallelWays;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PartKind;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.circuit.Stretch;
import app.dantro.core.inference.CertifiedParts;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.Repair;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;

/**
 * What a case that ended well tells of healthy joints and cables: every drop across parts of the starting way that it cleared
 * and did not repair, alone or in a row. Parts beside another way of the current are left out: theirs was not what flowed.
 */
public final class CertifiedReadings {
    private final CaseRecord record;
    private final SeriesLoop loop;
    private final Set<PartId> good;

    private CertifiedReadings(CaseRecord record, Set<PartId> cleared) {
        this.record = record;
        this.loop = record.loop();
        this.good = new HashSet<>(cleared);
        record.repairs().stream().map(Repair::part).forEach(good::remove);
        ParallelWays.of(record.circuit())
                .forEach(ways -> Stream.of(ways.one(), ways.other()).forEach(good::removeAll));
    }

    /**
     * By the kind of part; of each part what the reading tells that tells most.
     *
     * @param cleared as the case said at its end
     */
    public static Map<PartKind, CertifiedParts> of(CaseRecord record, Set<PartId> cleared) {
        CertifiedReadings all = new CertifiedReadings(record, cleared);
        Map<PartId, CertifiedParts> best = new HashMap<>();
        for (Reading reading : record.counted()) {
            all.told(reading).forEach((part, told) -> best.merge(part, told, (a, b) -> b.told() > a.told() ? b : a));
        }
        Map<PartKind, CertifiedParts> kinds = new EnumMap<>(PartKind.class);
        best.forEach(
                (part, told) -> kinds.merge(all.loop.part(part).orElseThrow().kind(), told, CertifiedParts::plus));
        return kinds;
    }

    private Map<PartId, CertifiedParts> told(Reading reading) {
        List<Part> row = goodBetween(reading);
        return row.isEmpty()
                ? Map.of()
                : OhmsTold.by(loop, reading)
                        .map(drop -> CertifiedParts.read(row, record.celsius(), drop.ohms(), drop.standardOhms()))
                        .orElse(Map.of());
    }

    /** The parts that a drop lies across, if all are good and nothing between them consumes; else none. */
    private List<Part> goodBetween(Reading reading) {
        if (!reading.condition().loadsStarterCables() || !loop.has(reading.red()) || !loop.has(reading.black())) {
            return List.of();
        }
        Stretch stretch = loop.between(reading.red(), reading.black());
        boolean all = good.containsAll(stretch.parts().stream().map(Part::id).toList());
        return all && !stretch.withConsumer() ? stretch.parts() : List.of();
    }
}

package app.dantro.core.history;

import app.dantro.core.circuit.ParallelWays;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PartKind;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.inference.CertifiedParts;
import app.dantro.core.network.StartingLoop;
import app.dantro.core.reading.MeterError;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.Repair;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
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
        boolean drop = reading.condition().loadsStarterCables() && loop.has(reading.red()) && loop.has(reading.black());
        List<Part> row = drop ? loop.between(reading.red(), reading.black()).parts() : List.of();
        boolean between = !row.isEmpty()
                && !loop.between(reading.red(), reading.black()).withConsumer()
                && good.containsAll(row.stream().map(Part::id).collect(Collectors.toSet()));
        if (!between) {
            return Map.of();
        }
        double amps = reading.flowingAmps().orElseGet(() -> loop.crankingAmps().nominalAmps());
        double ofAmps = reading.flowingAmps().isPresent()
                ? Math.hypot(MeterError.ASSUMED_CLAMP_GAIN, MeterError.ASSUMED_CLAMP_ZERO_AMPS / amps)
                : StartingLoop.ASSUMED_CURRENT_SPREAD;
        double ohms = Math.abs(reading.volts()) / amps;
        double error = Math.hypot(MeterError.standardVolts(reading) / amps, ohms * ofAmps);
        return CertifiedParts.read(row, record.celsius(), ohms, error);
    }
}

package app.dantro.core.fact;

import app.dantro.core.circuit.Pair;
import app.dantro.core.circuit.PointId;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Statistic;
import app.dantro.core.record.CaseRecord;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What several cranks say together about one pair of points, since the last repair that touched it. A struck crank, such
 * as an aborted one, is not among them.
 *
 * @param cranks how many settled values there are
 * @param meanVolts of the settled values
 * @param spreadVolts standard deviation of one settled value; empty for a single one
 * @param lowestVolts lowest value of any crank, by a meter's memory
 * @param peakVolts first peak of any crank
 */
public record CrankCapture(
        PointId red,
        PointId black,
        int cranks,
        double meanVolts,
        Optional<Double> spreadVolts,
        Optional<Double> lowestVolts,
        Optional<Double> peakVolts,
        double resolutionVolts) {

    /** Pairs that were read in more than one crank, or whose peaks were kept; in the order of their first reading. */
    public static List<CrankCapture> of(CaseRecord evidence) {
        List<Reading> cranked = new ArrayList<>(evidence.counted().all());
        cranked.addAll(evidence.peaks().all());
        cranked.removeIf(r -> !r.condition().starterCalled());
        Map<Pair, List<Reading>> byPair = new LinkedHashMap<>();
        cranked.forEach(
                r -> byPair.computeIfAbsent(r.pair(), pair -> new ArrayList<>()).add(r));
        return byPair.values().stream()
                .map(CrankCapture::together)
                .filter(c -> c.cranks() > 1
                        || c.lowestVolts().isPresent()
                        || c.peakVolts().isPresent())
                .toList();
    }

    private static CrankCapture together(List<Reading> readings) {
        Reading first = readings.get(0);
        List<Double> settled = new ArrayList<>();
        List<Double> lowest = new ArrayList<>();
        List<Double> peaks = new ArrayList<>();
        for (Reading r : readings) {
            double volts = r.red().equals(first.red()) ? r.volts() : -r.volts();
            List<Double> kept =
                    r.statistic() == Statistic.MINIMUM ? lowest : r.statistic() == Statistic.INRUSH ? peaks : settled;
            kept.add(volts);
        }
        double mean = settled.stream().mapToDouble(v -> v).average().orElse(Double.NaN);
        double squares =
                settled.stream().mapToDouble(v -> (v - mean) * (v - mean)).sum();
        return new CrankCapture(
                first.red(),
                first.black(),
                settled.size(),
                mean,
                settled.size() > 1 ? Optional.of(Math.sqrt(squares / (settled.size() - 1))) : Optional.empty(),
                lowest.stream().min(Double::compare),
                peaks.stream().max(Comparator.comparingDouble(Math::abs)),
                readings.stream().mapToDouble(Reading::resolutionVolts).max().orElseThrow());
    }
}

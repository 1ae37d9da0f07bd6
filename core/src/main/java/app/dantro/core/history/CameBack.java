package app.dantro.core.history;

import app.dantro.core.circuit.PartId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What was repaired on one part within two years: more than once, and it came back.
 *
 * @param name of the part
 * @param repairs in the order of time, at least one
 */
public record CameBack(String name, List<Done> repairs) {
    /** Longer ago, it is wear rather than a repair that did not hold. */
    private static final long ASSUMED_WITHIN_MILLIS = 2L * 365 * 24 * 3600 * 1000;

    private static final List<String> TIMES = List.of("", "first", "second", "third", "fourth", "fifth");

    public CameBack {
        repairs = List.copyOf(repairs);
    }

    /** A repair, done at one of a vehicle's visits. */
    public record Done(PartId part, String name, long atMillis, String words) {}

    /** What was repaired lately, part by part, in the order in which each was first repaired. */
    public static List<CameBack> of(List<Done> repairs, long nowMillis) {
        Map<String, List<Done>> byName = new LinkedHashMap<>();
        repairs.stream()
                .filter(d -> d.atMillis() > nowMillis - ASSUMED_WITHIN_MILLIS)
                .sorted(Comparator.comparingLong(Done::atMillis))
                .forEach(d ->
                        byName.computeIfAbsent(d.name(), n -> new ArrayList<>()).add(d));
        return byName.entrySet().stream()
                .map(e -> new CameBack(e.getKey(), e.getValue()))
                .toList();
    }

    public boolean moreThanOnce() {
        return repairs.size() > 1;
    }

    /** "second", "third" or "12th". */
    public String time() {
        return repairs.size() < TIMES.size() ? TIMES.get(repairs.size()) : repairs.size() + "th";
    }
}

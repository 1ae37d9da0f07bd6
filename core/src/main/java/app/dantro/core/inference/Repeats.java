package app.dantro.core.inference;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Readings of one thing that agree, taken together: so much of the work grows with the cube of the number of observations
 * that a long case would be judged slowly, and no evidence may be dropped for that. What differs from reading to reading
 * averages out over the repeats; the display's own error, which they share, stays. Each group is kept as two means, so that it
 * is still seen that the thing was read more than once.
 */
final class Repeats {
    private Repeats() {}

    /** The same evidence in fewer observations, if there are many; in the order of the newest reading of each. */
    static List<Observation> merged(List<Observation> observations) {
        if (observations.size() <= Marks.FEW) {
            return List.copyOf(observations);
        }
        List<List<Observation>> groups = new ArrayList<>();
        for (Observation o : observations) {
            List<Observation> agreeing = groups.stream()
                    .filter(group -> agree(group.get(0), o))
                    .findFirst()
                    .orElseGet(() -> {
                        List<Observation> alone = new ArrayList<>();
                        groups.add(alone);
                        return alone;
                    });
            agreeing.add(o);
        }
        List<Observation> merged = new ArrayList<>();
        for (List<Observation> group : groups) {
            int half = group.size() / 2;
            if (half > 0) {
                merged.add(mean(group.subList(0, half)));
            }
            merged.add(mean(group.subList(half, group.size())));
        }
        merged.sort(Comparator.comparingInt(o -> last(observations, o)));
        return List.copyOf(merged);
    }

    private static boolean agree(Observation one, Observation other) {
        if (!one.what().equals(other.what()) || one.resolution() != other.resolution()) {
            return false;
        }
        double between = ReadingNoise.own(one.what(), one.value(), one.resolution())
                + ReadingNoise.own(other.what(), other.value(), other.resolution());
        return Math.abs(one.value() - other.value()) <= Marks.AGREE_SIGMAS * Math.sqrt(between);
    }

    private static Observation mean(List<Observation> readings) {
        int count = readings.stream().mapToInt(Observation::repeats).sum();
        double sum = readings.stream().mapToDouble(o -> o.value() * o.repeats()).sum();
        Observation newest = readings.get(readings.size() - 1);
        return count == newest.repeats()
                ? newest
                : new Observation(
                        newest.reading(),
                        newest.what(),
                        sum / count,
                        newest.resolution(),
                        count,
                        newest.moment(),
                        newest.confirmed());
    }

    private static int last(List<Observation> observations, Observation merged) {
        int at = -1;
        for (int i = 0; i < observations.size(); i++) {
            Observation o = observations.get(i);
            at = o.reading().equals(merged.reading()) && o.what().equals(merged.what()) ? i : at;
        }
        return at;
    }
}

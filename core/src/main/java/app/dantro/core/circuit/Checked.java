package app.dantro.core.circuit;

import java.util.EnumMap;
import java.util.Map;

/** Guards for numbers of devices; they name the good case, so that NaN is refused. */
final class Checked {
    private Checked() {}

    static double within(double value, double low, double high, String what) {
        if (!(value >= low && value <= high)) {
            throw new IllegalArgumentException("The %s (%s) must lie in %s … %s.".formatted(what, value, low, high));
        }
        return value;
    }

    static Map<Condition, Double> perCondition(Map<Condition, Double> values, double high, String what) {
        EnumMap<Condition, Double> copy = new EnumMap<>(Condition.class);
        values.forEach(
                (condition, value) -> copy.put(condition, within(value, 0, high, what + ", " + condition.words())));
        return Map.copyOf(copy);
    }

    static void apart(PartId id, PointId one, PointId other) {
        if (one.equals(other)) {
            throw new IllegalArgumentException(
                    "The device (%s) has one point (%s) for two terminals. Give it two points.".formatted(id, one));
        }
    }
}

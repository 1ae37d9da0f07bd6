package app.dantro.core.circuit;

/** Names a probe point within one circuit. */
public record PointId(String value) {
    public PointId {
        Identifiers.checked(value, "probe point id");
    }

    public static PointId of(String value) {
        return new PointId(value);
    }

    @Override
    public String toString() {
        return value;
    }
}

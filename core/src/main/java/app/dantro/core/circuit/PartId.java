package app.dantro.core.circuit;

/** Names a part within one circuit. */
public record PartId(String value) {
    public PartId {
        Identifiers.checked(value, "part id");
    }

    public static PartId of(String value) {
        return new PartId(value);
    }

    @Override
    public String toString() {
        return value;
    }
}

package app.dantro.core.reading;

/** Of things in the order they happened, the last one: {@code stream.reduce(Newest::of)}. */
public final class Newest {
    private Newest() {}

    public static <T> T of(T earlier, T later) {
        return later;
    }
}

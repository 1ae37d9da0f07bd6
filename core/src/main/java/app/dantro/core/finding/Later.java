package app.dantro.core.finding;

import java.util.function.Supplier;

/**
 * What costs as much as the rest of a judgement, and only an explanation shows: worked out when it is asked for, once.
 *
 * @param <T> whose {@code equals} says whether two are alike
 */
public final class Later<T> {
    private Supplier<T> work;
    private T value;

    public Later(Supplier<T> work) {
        this.work = work;
    }

    public static <T> Later<T> of(T value) {
        return new Later<>(() -> value);
    }

    public synchronized T get() {
        if (work != null) {
            value = work.get();
            work = null;
        }
        return value;
    }

    /** Two are alike if they say the same, whenever that was worked out. */
    @Override
    public boolean equals(Object other) {
        return other instanceof Later<?> later && get().equals(later.get());
    }

    @Override
    public int hashCode() {
        return get().hashCode();
    }

    @Override
    public String toString() {
        return get().toString();
    }
}

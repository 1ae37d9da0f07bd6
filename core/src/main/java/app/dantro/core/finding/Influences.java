package app.dantro.core.finding;

import java.util.List;
import java.util.function.Supplier;

/**
 * What each reading did to a suspicion, the strongest first. Leaving out one reading after another costs as much as the
 * rest of a judgement and only its explanation shows it: worked out when it is asked for, once.
 */
public final class Influences {
    private Supplier<List<Suspicion.Influence>> work;
    private List<Suspicion.Influence> all = List.of();

    public Influences(Supplier<List<Suspicion.Influence>> work) {
        this.work = work;
    }

    /** None at all. */
    public static Influences none() {
        return new Influences(List::of);
    }

    public synchronized List<Suspicion.Influence> all() {
        if (work != null) {
            all = List.copyOf(work.get());
            work = null;
        }
        return all;
    }

    /** Two are alike if they say the same, whenever that was worked out. */
    @Override
    public boolean equals(Object other) {
        return other instanceof Influences influences && all().equals(influences.all());
    }

    @Override
    public int hashCode() {
        return all().hashCode();
    }

    @Override
    public String toString() {
        return all().toString();
    }
}

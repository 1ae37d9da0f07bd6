package app.dantro.core.starting;

import app.dantro.core.fact.BaseOf;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Readings;
import java.util.OptionalLong;

/** A battery that was read flat is another one once it is charged: what it gave before tells nothing. */
public final class SinceCharged {
    private SinceCharged() {}

    /** When a base voltage first showed a charged battery after the last that showed a flat one; empty if none did. */
    public static OptionalLong risenAtMillis(Readings bases, double chargedVolts) {
        OptionalLong flat = lastFlat(bases, chargedVolts);
        return flat.isEmpty()
                ? flat
                : bases.stream()
                        .mapToLong(Reading::takenAtMillis)
                        .filter(at -> at > flat.getAsLong())
                        .min();
    }

    /** True if a base under this was read again under it after hours on a charger: it takes no charge, or holds none. */
    public static boolean inVain(Readings bases, double chargedVolts) {
        OptionalLong flat = lastFlat(bases, chargedVolts);
        return flat.isPresent()
                && bases.newest()
                        .filter(b -> Math.abs(b.volts()) < chargedVolts)
                        .isPresent()
                && bases.stream()
                        .filter(b -> Math.abs(b.volts()) < chargedVolts)
                        .anyMatch(b -> flat.getAsLong() - b.takenAtMillis() >= BaseOf.CHARGING_MILLIS);
    }

    /** True if the newest base was read hours after another one: time enough to have been charged in between. */
    public static boolean hoursAfter(Readings bases) {
        return bases.newest()
                .filter(newest -> bases.stream()
                        .anyMatch(b -> newest.takenAtMillis() - b.takenAtMillis() >= BaseOf.CHARGING_MILLIS))
                .isPresent();
    }

    /** The cranks since the battery was charged; all if it never was flat. */
    static Readings of(Readings bases, Readings cranks, double chargedVolts) {
        OptionalLong flat = lastFlat(bases, chargedVolts);
        if (flat.isEmpty()) {
            return cranks;
        }
        long since = risenAtMillis(bases, chargedVolts).orElse(flat.getAsLong());
        return cranks.where(c -> c.takenAtMillis() > since);
    }

    private static OptionalLong lastFlat(Readings bases, double chargedVolts) {
        return bases.stream()
                .filter(b -> Math.abs(b.volts()) < chargedVolts)
                .mapToLong(Reading::takenAtMillis)
                .max();
    }
}

package app.dantro.core.starting;

import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Readings;
import java.util.OptionalLong;

/** A battery that was read flat is another one once it is charged: what it gave before tells nothing. */
final class SinceCharged {
    private SinceCharged() {}

    /** The cranks after the first base voltage of a charged battery that follows a flat one's; all if it never was flat. */
    static Readings of(Readings bases, Readings cranks, double chargedVolts) {
        OptionalLong flat = bases.stream()
                .filter(b -> b.volts() < chargedVolts)
                .mapToLong(Reading::takenAtMillis)
                .max();
        if (flat.isEmpty()) {
            return cranks;
        }
        long since = bases.stream()
                .mapToLong(Reading::takenAtMillis)
                .filter(at -> at > flat.getAsLong())
                .min()
                .orElse(flat.getAsLong());
        return cranks.where(c -> c.takenAtMillis() > since);
    }
}

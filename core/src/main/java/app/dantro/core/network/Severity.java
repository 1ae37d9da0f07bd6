package app.dantro.core.network;

import app.dantro.core.circuit.PartId;
import java.util.Objects;

/** How bad a fault may be. */
final class Severity {
    private Severity() {}

    /** @throws IllegalArgumentException if it lies outside of what was tried */
    static void within(double value, double low, double high, String what, PartId part) {
        Objects.requireNonNull(part, "part");
        if (!(value >= low && value <= high)) {
            throw new IllegalArgumentException(
                    "The %s (%s) of (%s) must lie in %s … %s.".formatted(what, value, part, low, high));
        }
    }
}

package app.dantro.core.reading;

import java.util.Optional;

/** The current that flowed while a reading was taken, and how it is known. */
public sealed interface Current {
    /** Measured amperes, if there are any. */
    Optional<Double> measuredAmps();

    static Current unknown() {
        return new Unknown();
    }

    static Current of(double amps, How how) {
        return new Measured(amps, how);
    }

    /** Nobody measured it. */
    record Unknown() implements Current {
        @Override
        public Optional<Double> measuredAmps() {
            return Optional.empty();
        }
    }

    /** Somebody measured it. */
    record Measured(double amps, How how) implements Current {
        /** No vehicle battery of this kind delivers more. */
        private static final double MOST_AMPS = 3000;

        public Measured {
            if (!(amps >= 0 && amps <= MOST_AMPS)) {
                throw new IllegalArgumentException(
                        "The current (%s A) must lie in 0 … 3000 A. Maybe the clamp's output factor was missed."
                                .formatted(amps));
            }
            java.util.Objects.requireNonNull(how, "how");
        }

        @Override
        public Optional<Double> measuredAmps() {
            return Optional.of(amps);
        }
    }

    /** Ways to know a current. */
    enum How {
        CLAMP("clamp"),
        CABLE_AS_SHUNT("drop of a known cable"),
        RECORDER("recorder");

        private final String words;

        How(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }
}

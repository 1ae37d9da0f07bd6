package app.dantro.core.reading;

import app.dantro.core.circuit.PartId;
import java.util.Optional;

/** The current that flowed while a reading was taken, and how it is known. */
public sealed interface Current {
    /** Measured amperes, if there are any. */
    Optional<Double> measuredAmps();

    static Current unknown() {
        return new Unknown();
    }

    static Current of(double amps, How how) {
        return new Measured(amps, how, Optional.empty());
    }

    /** Amperes in one part: a clamp around just that cable, or its drop read as that of a shunt. */
    static Current in(PartId part, double amps, How how) {
        return new Measured(amps, how, Optional.of(part));
    }

    /** Nobody measured it. */
    record Unknown() implements Current {
        @Override
        public Optional<Double> measuredAmps() {
            return Optional.empty();
        }
    }

    /**
     * Somebody measured it.
     *
     * @param amps in A; in one part negative if it flows against the healthy direction
     * @param in the one part whose current it is; empty for the usual place of a clamp, around everything on the battery's
     *     − clamp, or around the charge cable while the engine runs
     */
    record Measured(double amps, How how, Optional<PartId> in) implements Current {
        /** No vehicle battery of this kind delivers more. */
        private static final double MOST_AMPS = 3000;

        /** No clamp shows less; what is under it is none. */
        private static final double LEAST_AMPS = 1e-3;

        public Measured {
            java.util.Objects.requireNonNull(how, "how");
            double least = in.isPresent() ? -MOST_AMPS : 0;
            if (!(amps >= least && amps <= MOST_AMPS)) {
                throw new IllegalArgumentException(
                        "The current (%s A) must lie in %s … 3000 A. Maybe the clamp's output factor was missed."
                                .formatted(amps, Math.round(least)));
            }
            if (amps != 0 && Math.abs(amps) < LEAST_AMPS) {
                throw new IllegalArgumentException(
                        "The current (%s A) is under what any clamp shows. Type 0, or leave it empty.".formatted(amps));
            }
        }

        @Override
        public Optional<Double> measuredAmps() {
            return Optional.of(amps);
        }
    }

    /** Ways to know a current. */
    enum How {
        CLAMP("clamp", 0.01),
        /** As uncertain as the resistance of healthy cables of one size. */
        CABLE_AS_SHUNT("drop of a known cable", 0.10),
        RECORDER("recorder", 0.01);

        private final String words;
        private final double standardShare;

        How(String words, double standardShare) {
            this.words = words;
            this.standardShare = standardShare;
        }

        /** Standard uncertainty as a share of the current. */
        public double standardShare() {
            return standardShare;
        }

        public String words() {
            return words;
        }
    }
}

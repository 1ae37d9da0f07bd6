package app.dantro.core.circuit;

import java.util.Objects;

/** What makes the resistance of a part: its geometry, or experience with joints, fuses and contacts. */
public sealed interface Resistance {
    /**
     * The healthy range at a temperature.
     *
     * @param celsius temperature of the part in °C
     */
    ResistanceRange healthyAt(double celsius);

    /**
     * A cable or strap: {@code R = ρ(T) · L / S + joints}.
     *
     * @param lengthMetres length in m
     * @param areaSquareMetres conducting cross-section in m²
     * @param logSpread spread of healthy ones, standard deviation of ln R
     * @param jointOhms its two ends together, in Ω, where they are not parts of their own
     */
    record Conductor(
            double lengthMetres, double areaSquareMetres, Material material, double logSpread, double jointOhms)
            implements Resistance {
        /** Spread of a cable or strap whose length and size somebody entered. */
        public static final double ASSUMED_ENTERED_SPREAD = 0.10;

        public Conductor {
            Checked.within(jointOhms, 0, 10, "resistance of the conductor's ends in ohm");
            Checked.within(logSpread, 0, 2, "spread of a healthy conductor");
            if (!(lengthMetres > 0 && lengthMetres <= 50)) {
                throw new IllegalArgumentException(
                        "The conductor's length (%s m) must lie in 0 … 50 m.".formatted(lengthMetres));
            }
            if (!(areaSquareMetres >= 1e-7 && areaSquareMetres <= 1e-3)) {
                throw new IllegalArgumentException(
                        "The conductor's cross-section (%s m²) must lie in 0.1 … 1000 mm². Maybe it was given in mm²."
                                .formatted(areaSquareMetres));
            }
            Objects.requireNonNull(material, "material");
        }

        /** A conductor whose ends are parts of their own. */
        public Conductor(double lengthMetres, double areaSquareMetres, Material material, double logSpread) {
            this(lengthMetres, areaSquareMetres, material, logSpread, 0);
        }

        /** True if its length and size are the vehicle's own, not only its class's. */
        public boolean entered() {
            return logSpread <= ASSUMED_ENTERED_SPREAD;
        }

        @Override
        public ResistanceRange healthyAt(double celsius) {
            return new ResistanceRange(
                    material.ohmMetresAt(celsius) * lengthMetres / areaSquareMetres + jointOhms, logSpread);
        }
    }

    /** A joint, fuse or pair of contacts, whose resistance no geometry gives. */
    record Contact(ResistanceRange healthy) implements Resistance {
        public Contact {
            Objects.requireNonNull(healthy, "healthy");
        }

        @Override
        public ResistanceRange healthyAt(double celsius) {
            return healthy;
        }
    }
}

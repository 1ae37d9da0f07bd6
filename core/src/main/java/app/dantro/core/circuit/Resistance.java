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
     * A cable or strap: {@code R = ρ(T) · L / S}.
     *
     * @param lengthMetres length in m
     * @param areaSquareMetres conducting cross-section in m²
     * @param logSpread spread of healthy ones, standard deviation of ln R
     */
    record Conductor(double lengthMetres, double areaSquareMetres, Material material, double logSpread)
            implements Resistance {
        public Conductor {
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

        @Override
        public ResistanceRange healthyAt(double celsius) {
            return new ResistanceRange(material.ohmMetresAt(celsius) * lengthMetres / areaSquareMetres, logSpread);
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

package app.dantro.server.store;

import app.dantro.core.record.Topic;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * A vehicle that was here before.
 *
 * @param plate plate or fleet number; empty if none is known
 * @param lastCase its newest case
 * @param figures what was stated of the vehicle itself, the newest of each topic, in the topics' order
 */
public record KnownVehicle(UUID id, String name, String plate, UUID lastCase, List<Stated> figures) {
    public KnownVehicle {
        figures = List.copyOf(figures);
    }

    /**
     * A vehicle by itself.
     *
     * @param details what is known beside its name, the newest of each field
     */
    public record Plain(UUID id, String name, Map<VehicleField, String> details) {
        public Plain {
            details = Map.copyOf(details);
        }

        /** Plate or fleet number; empty if none is known. */
        public String plate() {
            return details.getOrDefault(VehicleField.PLATE, "");
        }
    }

    /** A figure as it was stated last. */
    public record Stated(Topic topic, String value) {}
}

package app.dantro.server.store;

import app.dantro.core.record.Topic;
import java.util.List;
import java.util.UUID;

/**
 * A vehicle that was here before.
 *
 * @param lastCase its newest case
 * @param figures what was stated of the vehicle itself, the newest of each topic, in the topics' order
 */
public record KnownVehicle(UUID id, String name, UUID lastCase, List<Stated> figures) {
    public KnownVehicle {
        figures = List.copyOf(figures);
    }

    /** A figure as it was stated last. */
    public record Stated(Topic topic, String value) {}
}

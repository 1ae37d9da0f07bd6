package app.dantro.server.format;

import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;

/** Ids of points and parts out of a case file, with the path of what is wrong. */
final class JsonIds {
    private JsonIds() {}

    static PartId partId(JsonFields json, String field) {
        String text = json.text(field);
        try {
            return PartId.of(text);
        } catch (IllegalArgumentException e) {
            throw new BadFile(json.path(field), e.getMessage());
        }
    }

    static PointId pointId(JsonFields json, String field) {
        String text = json.text(field);
        try {
            return PointId.of(text);
        } catch (IllegalArgumentException e) {
            throw new BadFile(json.path(field), e.getMessage());
        }
    }
}

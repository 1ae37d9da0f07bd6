package app.dantro.server.format;

import java.nio.charset.StandardCharsets;
import java.util.UUID;

/**
 * Ids of what a case file holds. An entry without one gets its own from the case and its place in the file, so that the
 * same file opened twice in one case is the same, and in two cases is not.
 *
 * @param caseId empty for a file that is not opened as a case
 */
record EntryIds(String caseId) {
    UUID of(JsonFields json, String kind, int position) {
        return json.optionalText("id")
                .map(text -> json.checked(() -> UUID.fromString(text)))
                .orElseGet(() -> UUID.nameUUIDFromBytes(
                        "%s %s %d".formatted(caseId, kind, position).getBytes(StandardCharsets.UTF_8)));
    }
}

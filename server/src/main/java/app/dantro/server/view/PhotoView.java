package app.dantro.server.view;

import app.dantro.core.record.Topic;
import app.dantro.server.store.StoredCase;
import java.util.List;
import java.util.UUID;

/** A picture of something that was looked at; the picture lies under {@code photos/{id}}. */
public record PhotoView(UUID id, Topic topic, String title, String by, long atMs) {
    static List<PhotoView> of(StoredCase file) {
        return file.photos().stream()
                .filter(p -> !p.erased() && !file.isStruck(p.id()))
                .map(p -> new PhotoView(p.id(), p.topic(), p.topic().title(), p.takenBy(), p.takenAtMs()))
                .toList();
    }
}

package app.dantro.server.photo;

import app.dantro.core.record.Topic;
import app.dantro.server.job.Cases;
import app.dantro.server.live.CaseEvents;
import app.dantro.server.problem.ProblemException;
import app.dantro.server.store.PhotoStore;
import app.dantro.server.store.StoredPhoto;
import app.dantro.server.view.CaseView;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Duration;
import java.util.Arrays;
import java.util.Base64;
import java.util.UUID;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Pictures of what was looked at. */
@RestController
@RequestMapping("/api/cases/{caseId}/photos/{photoId}")
class PhotoController {
    private final Cases files;
    private final PhotoStore photos;
    private final CaseEvents events;

    PhotoController(Cases files, PhotoStore photos, CaseEvents events) {
        this.files = files;
        this.photos = photos;
        this.events = events;
    }

    /**
     * A picture to keep.
     *
     * @param base64 JPEG or PNG
     */
    record NewPhoto(
            @NotNull Topic topic,
            @NotBlank String base64,
            @NotBlank @Size(max = 60) String by,
            @NotNull Long takenAtMs) {}

    @PutMapping
    ResponseEntity<CaseView> put(
            @PathVariable UUID caseId, @PathVariable UUID photoId, @Valid @RequestBody NewPhoto body) {
        files.load(caseId);
        byte[] jpeg = ProblemException.checking(
                "base64", () -> Picture.plain(Base64.getDecoder().decode(body.base64())));
        StoredPhoto photo = new StoredPhoto(photoId, caseId, body.topic(), body.by(), body.takenAtMs(), false);
        boolean added = photos.add(photo, jpeg);
        if (!added && !same(photo, jpeg)) {
            throw ProblemException.taken();
        }
        events.changed(caseId);
        return ResponseEntity.status(added ? HttpStatus.CREATED : HttpStatus.OK).body(files.view(caseId));
    }

    private boolean same(StoredPhoto photo, byte[] jpeg) {
        return files.load(photo.caseId()).photos().contains(photo)
                && photos.jpeg(photo.caseId(), photo.id())
                        .filter(there -> Arrays.equals(there, jpeg))
                        .isPresent();
    }

    @GetMapping(produces = MediaType.IMAGE_JPEG_VALUE)
    ResponseEntity<byte[]> get(@PathVariable UUID caseId, @PathVariable UUID photoId) {
        byte[] jpeg = photos.jpeg(caseId, photoId)
                .orElseThrow(
                        () -> ProblemException.notFound("There is no picture (%s) in this case.".formatted(photoId)));
        return ResponseEntity.ok()
                .cacheControl(CacheControl.maxAge(Duration.ofDays(365)).cachePrivate())
                .body(jpeg);
    }
}

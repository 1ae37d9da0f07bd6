package app.dantro.server.backup;

import app.dantro.server.problem.ProblemException;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The shop's backups, for the owner. */
@RestController
@RequestMapping("/api/backups")
class BackupController {
    private final Backups backups;
    private final BackupPlaceStore places;

    BackupController(Backups backups, BackupPlaceStore places) {
        this.backups = backups;
        this.places = places;
    }

    /** A folder of this computer to lay a second copy in; empty for none. */
    record NewPlace(
            @NotNull @Size(max = 1000) String folder,
            @NotBlank @Size(max = 60) String by,
            @NotNull Long chosenAtMs) {
        BackupPlace toPlace(UUID id) {
            String path = folder.strip();
            if (!path.isEmpty() && !usable(path)) {
                throw ProblemException.field(
                        "folder",
                        "There is no folder (%s) on the workshop's computer that can be written. Plug the disk in and give its whole path, such as /media/disk/dantro."
                                .formatted(path));
            }
            return new BackupPlace(id, path, by, chosenAtMs);
        }

        private static boolean usable(String path) {
            try {
                Path place = Path.of(path);
                return place.isAbsolute() && Files.isDirectory(place) && Files.isWritable(place);
            } catch (InvalidPathException notOne) {
                return false;
            }
        }
    }

    @GetMapping
    BackupsView show() {
        return BackupsView.of(backups);
    }

    /** Makes one now. */
    @PostMapping
    BackupsView make() {
        try {
            backups.make();
        } catch (BackupFailed failed) {
            throw ProblemException.conflict(failed.getMessage());
        }
        return BackupsView.of(backups);
    }

    @PutMapping("/places/{placeId}")
    BackupsView layIn(@PathVariable UUID placeId, @Valid @RequestBody NewPlace body) {
        BackupPlace place = body.toPlace(placeId);
        if (!places.add(place) && !places.find(placeId).orElseThrow().equals(place)) {
            throw ProblemException.taken();
        }
        return BackupsView.of(backups);
    }
}

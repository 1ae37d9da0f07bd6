package app.dantro.server.backup;

import app.dantro.server.backup.Kept.Dated;
import app.dantro.server.db.DataFolder;
import jakarta.annotation.PostConstruct;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;

/** Makes the shop's backups, clears away the spare ones, and knows when the next is due. */
@Service
public class Backups {
    private static final Logger LOG = LoggerFactory.getLogger(Backups.class);
    private static final LocalTime NIGHTLY = LocalTime.of(2, 0);
    private static final Duration AFTER_TROUBLE = Duration.ofHours(1);

    private final DataFolder data;
    private final BackupPlaceStore places;
    private final Clock clock;
    private final Kept kept;
    private volatile Optional<Trouble> trouble = Optional.empty();
    private volatile Optional<String> secondTrouble = Optional.empty();

    private record Trouble(String says, LocalDateTime at) {}

    Backups(DataFolder data, BackupPlaceStore places, Clock clock) {
        this.data = data;
        this.places = places;
        this.clock = clock;
        this.kept = new Kept(data.path().resolve("backups"));
    }

    /** What an earlier program was killed at is no copy, and takes room. */
    @PostConstruct
    void start() {
        swept(kept);
    }

    /**
     * How the backups stand.
     *
     * @param kept the newest first
     * @param trouble why the last one was not made, if it was not
     * @param ahead true if one is dated after now: the clock was set back, or another one ran ahead
     */
    record Standing(
            List<Dated> kept,
            Optional<String> trouble,
            boolean ahead,
            Optional<BackupPlace> second,
            Optional<String> secondTrouble) {}

    Standing standing() {
        List<Dated> all = all();
        LocalDateTime now = now();
        return new Standing(
                all.stream().filter(d -> !d.at().isAfter(now)).toList(),
                trouble.map(Trouble::says),
                all.stream().anyMatch(d -> d.at().isAfter(now)),
                places.newest(),
                secondTrouble);
    }

    Path folder() {
        return kept.folder();
    }

    LocalDateTime now() {
        return LocalDateTime.ofInstant(clock.instant(), clock.getZone()).truncatedTo(ChronoUnit.SECONDS);
    }

    /**
     * Makes one now, and lays it in the second place too if there is one.
     *
     * @throws BackupFailed in words; what was made before stays
     */
    synchronized Backup make() {
        swept(kept);
        try {
            Backup made = Backup.make(data.database(), kept.at(now()));
            trouble = Optional.empty();
            second(made);
            clear();
            LOG.info("Backup {} with {} cases", made.file().getFileName(), made.cases());
            return made;
        } catch (BackupFailed failed) {
            trouble = Optional.of(new Trouble(failed.getMessage(), now()));
            LOG.error("{}", failed.getMessage());
            throw failed;
        }
    }

    private void second(Backup made) {
        secondTrouble = Optional.empty();
        places.newest().ifPresent(place -> {
            try {
                swept(new Kept(Path.of(place.folder())));
                Backup.copy(made, Path.of(place.folder()));
            } catch (BackupFailed | InvalidPathException failed) {
                secondTrouble = Optional.of(failed.getMessage());
                LOG.error("{}", failed.getMessage());
            }
        });
    }

    /** What was killed midway is no backup, and takes the room of one. */
    private static void swept(Kept place) {
        try {
            for (Path cutOff : place.cutOff()) {
                Files.deleteIfExists(cutOff);
            }
        } catch (IOException e) {
            LOG.error("What a backup left midway in {} cannot be removed: {}", place.folder(), e.getMessage());
        }
    }

    private void clear() {
        try {
            for (Dated spare : kept.spare(now())) {
                Files.deleteIfExists(spare.file());
                Files.deleteIfExists(Backup.sealOf(spare.file()));
            }
        } catch (IOException e) {
            LOG.error("A spare backup in {} cannot be removed: {}", kept.folder(), e.getMessage());
        }
    }

    /** True if none was made since the last night's hour, and trouble is not just past. */
    boolean due() {
        LocalDateTime now = now();
        LocalDateTime night = now.toLocalTime().isBefore(NIGHTLY)
                ? now.toLocalDate().minusDays(1).atTime(NIGHTLY)
                : now.toLocalDate().atTime(NIGHTLY);
        boolean made = all().stream().map(Dated::at).anyMatch(at -> !at.isBefore(night) && !at.isAfter(now));
        boolean justTried = trouble.filter(
                        t -> !t.at().isAfter(now) && t.at().plus(AFTER_TROUBLE).isAfter(now))
                .isPresent();
        return !made && !justTried;
    }

    private List<Dated> all() {
        try {
            return kept.all();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}

package app.dantro.server.backup;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Which backups of two years stay. */
class KeptTest {
    private static final LocalDateTime NOW = LocalDateTime.of(2026, 11, 29, 2, 0);

    @TempDir
    Path folder;

    @Test
    void ofSevenDaysFiveWeeksAndTwelveMonthsTheNewestStays() throws Exception {
        Kept kept = new Kept(folder);
        for (int day = 0; day < 730; day++) {
            made(kept, NOW.minusDays(day));
            made(kept, NOW.minusDays(day).minusHours(5));
        }
        Files.writeString(folder.resolve("notes.txt"), "not a backup");
        for (Kept.Dated spare : kept.spare(NOW)) {
            Files.delete(spare.file());
        }
        List<LocalDateTime> stay = kept.all().stream().map(Kept.Dated::at).toList();
        assertThat(stay)
                .hasSizeBetween(7 + 4 + 10, 7 + 5 + 12)
                .contains(NOW, NOW.minusDays(5).minusHours(5));
        assertThat(stay).as("eleven months back").anyMatch(at -> at.getYear() == 2025 && at.getMonthValue() == 12);
        assertThat(stay).as("two years back").noneMatch(at -> at.isBefore(NOW.minusMonths(13)));
        assertThat(folder.resolve("notes.txt")).exists();
    }

    @Test
    void theNewestStaysHoweverOldItIsAndOneThatIsDatedAheadIsLeftAlone() throws Exception {
        Kept kept = new Kept(folder);
        made(kept, NOW.minusYears(3));
        made(kept, NOW.plusDays(2));
        assertThat(kept.spare(NOW)).isEmpty();
        assertThat(kept.all()).hasSize(2);
    }

    @Test
    void whatOneThatWasKilledMidwayLeftIsSweptAndNothingElse() throws Exception {
        Kept kept = new Kept(folder);
        made(kept, LocalDateTime.of(2026, 5, 1, 2, 0));
        List<String> left = List.of(
                "dantro-2026-05-02-020000.db.making",
                "dantro-2026-05-02-020000.db.making-journal",
                "dantro-2026-05-03-020000.db.seal");
        for (String name : left) {
            Files.createFile(folder.resolve(name));
        }
        Files.createFile(folder.resolve("dantro-2026-05-01-020000.db.seal"));
        Files.createFile(folder.resolve("my own.db.making"));
        assertThat(kept.cutOff().stream().map(f -> f.getFileName().toString()))
                .containsExactlyInAnyOrderElementsOf(left);
    }

    private static void made(Kept kept, LocalDateTime at) throws IOException {
        Files.writeString(kept.at(at), "");
    }
}

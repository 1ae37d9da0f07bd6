package app.dantro.acceptance.bench.chaos;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.dantro.server.StartRefused;
import app.dantro.server.db.DataFolder;
import app.dantro.server.db.Untouched;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The trials of the benchmark, a few rounds of each. */
class ChaosTest {
    private static final long SEED = 7;

    @TempDir
    Path work;

    @Test
    void whatAKilledProgramAcknowledgedIsThere() throws Exception {
        Kills.Came came = new Kills(work.resolve("data"), SEED).run(2);
        assertThat(came.kills()).isEqualTo(2);
        assertThat(came.lost() + came.changed()).as(came.toString()).isZero();
    }

    @Test
    void whatKilledStoresSaidToBeOnRecordIsThere() throws Exception {
        StoreKills.Came came = new StoreKills(work.resolve("data"), SEED).run(4);
        assertThat(came.acknowledged()).isPositive();
        assertThat(came.lost() + came.refused()).as(came.toString()).isZero();
    }

    @Test
    void whatIsOnRecordOutlastsThePower() throws Exception {
        Unsynced.Came came = new Unsynced(work, 120, SEED).run(12);
        assertThat(came.acknowledged()).isPositive();
        assertThat(came.rounds()).isPositive();
        assertThat(came.lost() + came.refused()).as(came.toString()).isZero();
    }

    @Test
    void aBackupThatCountsHoldsWhatWasAcknowledgedBeforeIt() throws Exception {
        BackupKills.Came came = new BackupKills(work, SEED).run(1);
        assertThat(came.backups()).as(came.toString()).isPositive();
        assertThat(came.unusable() + came.missing() + came.lost() + came.leftBehind())
                .as(came.toString())
                .isZero();
    }

    @Test
    void aDamagedFolderOpensWithAllThatWasInItOrNotAtAll() throws Exception {
        DamagedFiles.Came came = new DamagedFiles(work, SEED).run(work, 40);
        assertThat(came.otherContent() + came.crashed()).as(came.toString()).isZero();
        assertThat(came.refused()).as("damage is seen").isPositive();
    }

    @Test
    void whoeverDeletesTheLockFileLetsNoSecondProgramIn() throws Exception {
        Path folder = work.resolve("data");
        try (Killable program = Killable.start(folder).ready()) {
            program.client().openCase("petrol-car", 20);
            Files.delete(folder.resolve("dantro.lock"));
            assertThatThrownBy(() -> DataFolder.open(folder).close())
                    .isInstanceOf(StartRefused.class)
                    .hasMessageContaining("Another program has the database");
            assertThat(folder.resolve("dantro.lock")).as("nothing was touched").doesNotExist();
            assertThat(Untouched.isInUse(folder)).isTrue();
        }
        assertThat(Untouched.isInUse(folder)).isFalse();
        DataFolder.open(folder).close();
    }

    @Test
    void everyDoorAnswersWhateverItIsSent() throws Exception {
        try (Killable program = Killable.start(work.resolve("data")).ready()) {
            Fuzz.Came came = new Fuzz(program.client(), SEED).run(600);
            assertThat(came.failed() + came.hung() + came.plain())
                    .as(came.troubles().toString())
                    .isZero();
            assertThat(came.taken()).isPositive();
            assertThat(came.refused()).isPositive();
        }
    }
}

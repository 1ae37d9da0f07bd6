package app.dantro.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** The owner makes a backup in Settings, and is told where a second one cannot go. */
class BackupStoryTest extends OpenWorkshop {
    @Test
    void aBackupIsMadeOnDemandAndASecondPlaceHasToBeThere() {
        Page page = workshop.desk();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Settings"))
                .click();
        Locator backups = page.locator("section")
                .filter(new Locator.FilterOptions()
                        .setHas(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Backups"))));
        assertThat(backups).containsText("There is no backup yet.");
        backups.getByText("Make a backup now").click();
        assertThat(backups).containsText("looked at and whole. 1 is kept.");
        assertThat(backups).not().containsText("There is no backup yet.");
        backups.getByLabel("A second place").fill("/no/such/disk");
        backups.getByText("Use this place").click();
        assertThat(backups.getByRole(AriaRole.ALERT)).containsText("There is no folder (/no/such/disk)");
        assertThat(backups.getByLabel("A second place")).hasValue("/no/such/disk");
        backups.getByLabel("A second place").fill(System.getProperty("java.io.tmpdir"));
        backups.getByText("Use this place").click();
        assertThat(backups.getByRole(AriaRole.ALERT)).hasCount(0);
        page.reload();
        assertThat(backups.getByLabel("A second place")).hasValue(System.getProperty("java.io.tmpdir"));
    }
}

package app.dantro.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;

/** The program with its demo data and a browser, anew for each test. */
abstract class OpenWorkshop {
    @TempDir
    Path folder;

    Workshop workshop;

    @BeforeEach
    void open() {
        workshop = opened();
    }

    @AfterEach
    void close() {
        List<String> mishaps = workshop.mishaps();
        workshop.close();
        assertThat(mishaps).isEmpty();
    }

    /** How the program is started. */
    Workshop opened() {
        return Workshop.open(folder);
    }

    static void tap(Page page, String words) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(words).setExact(true))
                .click();
    }
}

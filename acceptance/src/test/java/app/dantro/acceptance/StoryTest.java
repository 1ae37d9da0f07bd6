package app.dantro.acceptance;

import static app.dantro.acceptance.Bench.VAN;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The slow-cranking van, from complaint to verified repair, in the real interface. */
class StoryTest extends OpenWorkshop {
    private static final int MOST_READINGS = 12;

    @Test
    void byKeyboardAlone() {
        Page page = workshop.desk();
        Bench bench = new Bench(page);
        tabTo(page, page.locator("a.tile").filter(new Locator.FilterOptions().setHasText(VAN)));
        page.keyboard().press("Enter");

        bench.seesTitle("Base voltage at the posts");
        bench.seesJudgement();
        typeReading(page, bench);
        assertThat(page.locator(".says")).containsText("No reading speaks against a part so far.");
        int taken = 1;
        while (!bench.title().textContent().startsWith("Repair") && taken++ < MOST_READINGS) {
            typeReading(page, bench);
        }
        bench.seesTitle("Repair the strap end on the block");
        assertThat(page.locator(".suspects li").first()).containsText("strap end on the block");
        assertThat(page.locator(".repair")).containsText(Pattern.compile("(1[89]|2[0-4])(\\.\\d)? mΩ"));
        assertThat(page.locator(".repair")).containsText("with the strap end on the block as good as new");

        page.keyboard().press("p");
        Locator strapEnd = page.locator("[data-part='strap-end-block']");
        assertThat(strapEnd).hasAttribute("data-standing", "FAULTY");
        assertThat(strapEnd).containsText("nearly certain");
        assertThat(page.locator("[data-part='starter']")).hasAttribute("data-standing", "NOT_PROVEN");
        page.keyboard().press("w");

        repairsByKeyboard(page, bench);

        workshop.restart();
        page.navigate(workshop.base());
        assertThat(page.locator("a.tile").filter(new Locator.FilterOptions().setHasText(VAN)))
                .containsText("Verified");
    }

    private static void repairsByKeyboard(Page page, Bench bench) {
        tabTo(page, page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Record the repair")));
        page.keyboard().press("Enter");
        bench.seesTitle("Retest across the strap end on the block");
        assertThat(bench.readings().locator("text=before the repair").first()).isVisible();
        for (int i = 0; i < 5 && bench.title().textContent().matches("Retest.*|Battery.*|Whole.*"); i++) {
            typeReading(page, bench);
        }
        bench.seesTitle("Does it crank and start as it should");
        tabTo(page, page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Yes, it cranks and starts")));
        page.keyboard().press("Enter");
        bench.seesTitle("Loaded voltage at the posts");
        typeReading(page, bench);
        bench.seesTitle("Verified");
    }

    @Test
    void atPhoneSizeByTouch() {
        Page page = workshop.phone();
        Bench bench = new Bench(page);
        page.locator("a.tile")
                .filter(new Locator.FilterOptions().setHasText(VAN))
                .tap();
        bench.seesTitle("Base voltage");
        bench.seesJudgement();
        for (char key : bench.display().volts().toCharArray()) {
            page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Keypad"))
                    .getByText(String.valueOf(key), new Locator.GetByTextOptions().setExact(true))
                    .tap();
        }
        isOnScreen(page, page.getByText("Save", new Page.GetByTextOptions().setExact(true)));
        page.getByText("Save", new Page.GetByTextOptions().setExact(true)).tap();
        bench.seesReadings(1);
        int taken = 1;
        while (!bench.title().textContent().startsWith("Repair") && taken < MOST_READINGS) {
            tapReading(page, bench, ++taken);
        }
        bench.seesTitle("Repair the strap end on the block");
        page.getByText("Replaced").tap();
        page.getByText("Record the repair").tap();
        bench.seesTitle("Retest across");
        while (!bench.title().textContent().startsWith("Does it crank") && taken < MOST_READINGS + 5) {
            tapReading(page, bench, ++taken);
        }
        page.getByText("Yes, it cranks and starts").tap();
        bench.seesTitle("Loaded voltage at the posts");
        tapReading(page, bench, ++taken);
        bench.seesTitle("Verified");
        page.getByText("See the proof").tap();
        assertThat(page.locator("[data-part='strap-end-block']")).hasAttribute("data-standing", "CLEARED");
        assertThat(page.getByText("Complaint's own test: passed")).isVisible();
        assertThat(page.locator(".foretold")).containsText("measured");
        fitsAcross(page);
    }

    private static void typeReading(Page page, Bench bench) {
        int before = bench.readings().count();
        Bench.Display display = bench.display();
        if (!display.amps().isEmpty() && page.locator("#amps").isEnabled()) {
            page.keyboard().press("a");
            page.keyboard().press("Control+a");
            page.keyboard().type(display.amps());
            page.keyboard().press("Enter");
        }
        page.keyboard().type(display.volts());
        page.keyboard().press("Enter");
        bench.seesReadings(before + 1);
    }

    private static void tapReading(Page page, Bench bench, int count) {
        fitsAcross(page);
        page.getByText("Simulated meter").tap();
        Locator save = page.getByText("Save", new Page.GetByTextOptions().setExact(true));
        assertThat(save).isEnabled();
        isOnScreen(page, save);
        save.tap();
        bench.seesReadings(count);
    }

    private static void tabTo(Page page, Locator target) {
        assertThat(target).isVisible();
        for (int i = 0; i < 80 && !(Boolean) target.evaluate("e => e === document.activeElement"); i++) {
            page.keyboard().press("Tab");
        }
        assertThat(target).isFocused();
    }

    private static void isOnScreen(Page page, Locator what) {
        assertThat((Boolean) what.evaluate(
                        "e => { const r = e.getBoundingClientRect(); return r.top >= 0 && r.bottom <= innerHeight; }"))
                .as("visible without scrolling")
                .isTrue();
    }

    private static void fitsAcross(Page page) {
        boolean fits = (Boolean) page.evaluate("document.documentElement.scrollWidth <= innerWidth");
        assertThat(fits).as("no horizontal scrolling").isTrue();
    }
}

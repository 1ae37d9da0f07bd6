package app.dantro.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.Clock;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** What the workshop remembers: the van is found by half its plate, and the strap that came back is said. */
class LogStoryTest extends OpenWorkshop {
    @Override
    Workshop opened() {
        return Workshop.open(folder, Clock.systemUTC(), Workshop.YEARS + "true");
    }

    @Test
    void theVanIsFoundByHalfItsPlateWithTheKeyboardAlone() {
        Page page = workshop.desk();
        assertThat(page.locator(".tile").first()).isVisible();
        page.keyboard().press("l");
        Locator search = page.getByLabel("Search");
        assertThat(search).isFocused();
        Locator lines = page.locator("a.line");
        assertThat(lines.nth(3)).isVisible();
        page.keyboard().type("2 lom rain");
        assertThat(lines).hasCount(1);
        assertThat(page.locator("article")).containsText("KX 12 LOM");
        assertThat(page).hasURL(Pattern.compile("words=2\\+lom\\+rain"));
        page.reload();
        assertThat(search).hasValue("2 lom rain");
        assertThat(lines).hasCount(1);
        search.focus();
        page.keyboard().press("ArrowDown");
        assertThat(lines.first()).isFocused();
        page.keyboard().press("Enter");
        assertThat(page.locator(".says h2")).containsText("Both sides certified");
        page.goBack();
        search.fill("\"%*(");
        assertThat(page.locator(".empty, a.line").first()).isVisible();
        search.fill("nobody ever said this");
        assertThat(page.locator(".empty")).containsText("No case matches");
        page.getByText("Show all").click();
        page.getByLabel("State").selectOption("VERIFIED");
        assertThat(lines).hasCount(3);
        page.getByLabel("State").selectOption("GOOD");
        assertThat(lines).hasCount(5);
    }

    @Test
    void theStrapThatCameBackIsSaidOnTheNewCaseAndDrawnOverTheYears() {
        Page page = workshop.desk();
        page.getByText("Tamblin 14 box van").first().click();
        Locator before = page.locator(".before");
        assertThat(before).containsText("Strap end on the block: repaired 2 times in two years");
        before.getByRole(AriaRole.LINK).click();
        assertThat(page.locator("h1")).containsText("Tamblin 14 box van");
        assertThat(page.locator(".again")).containsText("repaired for the second time in two years");
        Locator joint = page.locator("figure").first();
        assertThat(joint).containsText("Rises by");
        assertThat(joint).containsText("out of the healthy band about");
        joint.locator("summary").click();
        assertThat(joint.locator("tr")).hasCount(11);
        page.locator("input[name=year]").fill("14");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Save"))
                .click();
        assertThat(page.locator(".wrong")).containsText("has four digits");
        page.locator("input[name=year]").fill("2015");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Save"))
                .click();
        assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Save")))
                .hasCount(0);
        page.reload();
        assertThat(page.locator("input[name=year]")).hasValue("2015");
    }

    @Test
    void whoWorksOnADeviceSignsWhatIsEnteredThere() {
        Page page = workshop.desk();
        page.locator("header").getByText("Settings").click();
        page.getByLabel("Name or initials").fill("Ada");
        page.locator("nav").getByText("Bay").click();
        page.getByText("Marrow loader").click();
        Bench bench = new Bench(page);
        bench.title().waitFor();
        bench.seesJudgement();
        page.keyboard().type("12.61");
        page.keyboard().press("Enter");
        bench.seesReadings(1);
        page.locator("nav").getByText("Bay").click();
        page.locator("header").getByText("Log").click();
        page.getByLabel("Search").fill("ada");
        assertThat(page.locator("a.line")).hasCount(1);
        assertThat(page.locator("a.line")).containsText("Ada (Device");
    }
}

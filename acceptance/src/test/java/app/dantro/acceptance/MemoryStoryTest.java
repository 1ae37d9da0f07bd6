package app.dantro.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Files;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** What is due, vehicles that were entered twice, who has a case in hand. */
class MemoryStoryTest extends OpenWorkshop {
    private static Locator key(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static void openCase(Page page, String name, String plate) {
        page.evaluate("""
                async ([id, vehicle, plate]) => fetch('/api/cases/' + id, {
                    method: 'PUT',
                    headers: { 'Content-Type': 'application/json' },
                    body: JSON.stringify({
                        vehicle, plate, complaint: 'cranks slowly', circuit: 'petrol-car', concern: 'STARTING',
                        celsius: 20, by: 'Ada', openedAtMs: Date.now()
                    })
                })""", new Object[] {UUID.randomUUID().toString(), name, plate});
    }

    @Test
    void aRecheckIsPlannedWithItsCaseSettledAndPutBackOnAPhone() throws Exception {
        Page page = workshop.phone();
        page.getByText("Orrery Longbed flatbed").click();
        page.locator("nav").getByText("Proof").click();
        key(page, "Plan a recheck").click();
        key(page, "Put it on the list").click();
        assertThat(page.getByText("Pick a day")).isVisible();
        page.getByLabel("What is to be done").fill("Read the remade end again");
        key(page, "In 3 months").click();
        page.getByLabel("Or at, km").fill("65 000 mi");
        key(page, "Put it on the list").click();
        page.getByText("What is due").click();
        Locator line = page.locator("li").filter(new Locator.FilterOptions().setHasText("Read the remade end again"));
        assertThat(line).containsText("or at 104607 km");
        Download calendar =
                page.waitForDownload(() -> page.getByText("Calendar file").click());
        org.assertj.core.api.Assertions.assertThat(Files.readString(calendar.path()))
                .contains("Read the remade end again");
        line.getByText("Done").click();
        assertThat(line).hasCount(0);
        key(page, "Undo").click();
        assertThat(line).hasCount(1);
        line.getByRole(AriaRole.LINK).click();
        assertThat(page.locator("h1")).containsText("Orrery Longbed flatbed");
    }

    @Test
    void aVehicleThatWasEnteredTwiceIsJoinedAndTakenApartAgain() {
        Page page = workshop.desk();
        openCase(page, "Weir tractor", "WT 77 ABC");
        openCase(page, "Tractor of the weir", "WT77ABC");
        page.navigate(workshop.base() + "/#/log?words=wt77");
        Locator cases = page.locator("article");
        assertThat(cases).hasCount(2);
        cases.filter(new Locator.FilterOptions().setHasText("Weir tractor"))
                .locator(".vehicle a")
                .click();
        assertThat(page.locator("h1")).containsText("Weir tractor");
        assertThat(page.getByText("The same plate stands on another vehicle.")).isVisible();
        key(page, "It is this one: join").click();
        assertThat(page.locator(".visit")).hasCount(2);
        assertThat(page.getByText("The same plate stands on another vehicle.")).hasCount(0);
        key(page, "Take it out again").click();
        assertThat(page.locator(".visit")).hasCount(1);
        page.getByLabel("Entered twice?", new Page.GetByLabelOptions().setExact(false))
                .fill("tractor of");
        key(page, "It is this one: join").last().click();
        assertThat(page.locator(".visit")).hasCount(2);
    }

    @Test
    void whoHasACaseInHandStandsInTheBayAndWhoIsLearningSignsSo() {
        Page page = workshop.desk();
        page.locator("header").getByText("Settings").click();
        page.getByLabel("Name or initials").fill("Bo");
        page.getByLabel("Learning the trade").check();
        page.locator("nav").getByText("Bay").click();
        page.getByText("Marrow loader").click();
        page.locator("nav").getByText("Proof").click();
        page.getByLabel("In the hands of").fill("Ada");
        page.keyboard().press("Enter");
        page.locator("nav").getByText("Bay").click();
        assertThat(page.locator(".tile").filter(new Locator.FilterOptions().setHasText("Marrow loader")))
                .containsText("in the hands of Ada");
        page.navigate(workshop.base() + "/#/log?words=marrow");
        assertThat(page.locator("a.line")).containsText(Pattern.compile("Bo, learning"));
    }

    @Test
    void theShopsFiguresCountSimulatedCasesOnlyIfTheyAreWanted() {
        Page page = workshop.desk();
        page.locator("header").getByText("Log").click();
        page.getByText("Shop figures").click();
        assertThat(page.getByText("No case in this period.", new Page.GetByTextOptions().setExact(false)))
                .isVisible();
        page.getByLabel("Simulated ones too", new Page.GetByLabelOptions().setExact(false))
                .check();
        assertThat(page.locator("dl")).containsText("Readings to the verdict");
        assertThat(page.getByLabel("What was found").locator("tr")).hasCount(1);
        page.getByLabel("Cases opened in").selectOption("LAST_YEAR");
        assertThat(page.locator(".empty")).isVisible();
    }
}

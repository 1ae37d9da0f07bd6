package app.dantro.acceptance;

import static app.dantro.acceptance.Bench.VAN;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** Nothing that is typed is lost: slips, strikes, reloads, a dead network. */
class EntryStoryTest extends OpenWorkshop {
    @Test
    void aSlipIsCaughtAReadingStruckAndThePageReloadedInMidEntry() {
        Page page = workshop.desk();
        Bench bench = new Bench(page);
        page.getByText(VAN).click();
        bench.seesTitle("Base voltage");
        page.keyboard().type("126");
        assertThat(bench.entry()).containsText("saves 126 V");
        page.keyboard().press("Enter");
        Locator question = page.getByRole(AriaRole.ALERTDIALOG);
        assertThat(question).containsText("does not fit a 12 V battery");
        page.reload();
        assertThat(question).containsText("You typed 126");
        page.keyboard().press("a");
        bench.seesReadings(1);
        assertThat(bench.readings().first()).containsText("12.6 V");
        assertThat(bench.readings().first()).containsText("typed 126");

        place(page, bench, "battery + post", "battery − post");
        page.keyboard().type("11.4");
        page.keyboard().press("a");
        page.keyboard().type("165");
        page.keyboard().press("Enter");
        page.reload();
        assertThat(bench.entry()).containsText("11.4");
        assertThat(page.locator("#amps")).hasValue("165");
        page.keyboard().type("5");
        page.keyboard().press("Enter");
        bench.seesReadings(2);
        assertThat(bench.readings().first()).containsText("11.45 V");

        bench.readings().first().getByText("Strike").click();
        page.getByText("Probe slipped").click();
        assertThat(bench.readings().first()).hasAttribute("data-state", "STRUCK");
        assertThat(bench.readings().first()).containsText("struck out: Probe slipped");
        bench.seesReadings(2);
        bench.readings().first().getByText("Restore").click();
        assertThat(bench.readings().first()).hasAttribute("data-state", "COUNTS");

        asksWhatARangeCannotShow(page, bench, question);
    }

    @Test
    void aReadingIsCorrectedAtItsOwnTimeAndAnotherMovedToItsOwnCase() {
        Page page = workshop.desk();
        Bench bench = new Bench(page);
        page.getByText(VAN).click();
        bench.seesTitle("Base voltage");
        page.keyboard().type("12.16");
        page.keyboard().press("Enter");
        bench.seesReadings(1);
        bench.readings().first().getByText("Correct").click();
        assertThat(page.locator(".probe")).containsText("In place of 12.16 V");
        assertThat(bench.entry()).containsText("12.16");
        for (int i = 0; i < 2; i++) {
            page.keyboard().press("Backspace");
        }
        page.keyboard().type("61");
        page.keyboard().press("Enter");
        bench.seesReadings(2);
        assertThat(page.locator("[data-state=STRUCK]")).containsText("12.16 V");
        assertThat(page.locator("[data-state=STRUCK]")).containsText("Corrected");
        assertThat(page.locator("[data-state=COUNTS]")).containsText("12.61 V");

        page.locator("[data-state=COUNTS]").getByText("Move").click();
        page.getByRole(AriaRole.DIALOG).getByText("Marrow loader").click();
        assertThat(page.locator("[data-state=COUNTS]")).hasCount(0);
        assertThat(page.getByText("Moved to Marrow loader")).isVisible();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Bay").setExact(true))
                .click();
        page.getByText("Marrow loader").first().click();
        assertThat(bench.readings().first()).containsText("12.61 V");
    }

    private static void asksWhatARangeCannotShow(Page page, Bench bench, Locator question) {
        place(page, bench, "starter case", "battery − post");
        page.locator("#range").selectOption("VOLTS_20");
        page.keyboard().type("0.271");
        page.keyboard().press("Enter");
        assertThat(question).containsText("The 20 V range has a last digit of 10.0 mV, so it cannot show 0.271 V");
        page.keyboard().press("b");
        assertThat(bench.readings().first()).containsText("to be measured again");
    }

    /** Puts the leads on two points of the starting loop, cranking. */
    private static void place(Page page, Bench bench, String red, String black) {
        page.locator("#condition").selectOption("CRANKING");
        page.locator(".point[title='" + red + "']").click();
        page.locator(".point[title='" + black + "']").click();
        assertThat(page.getByText("Back to the plan")).isVisible();
        assertThat(page.locator(".probe")).containsText("Your own choice");
    }

    @Test
    void nothingIsLostOnADeadNetworkAndTheOtherScreenFollows() {
        Page page = workshop.desk();
        Bench bench = new Bench(page);
        page.getByText(VAN).click();
        bench.seesTitle("Base voltage");
        Page other = workshop.phone();
        other.getByText(VAN).tap();
        new Bench(other).seesTitle("Base voltage");

        page.route("**/api/**", route -> {
            if (route.request().method().equals("PUT")) {
                route.abort();
            } else {
                route.resume();
            }
        });
        page.keyboard().type("12.61");
        page.keyboard().press("Enter");
        assertThat(page.getByText("Kept here, sent when Dantro is back")).isVisible();
        page.reload();
        assertThat(page.getByText("Kept here, sent when Dantro is back: 12.61")).isVisible();
        page.unroute("**/api/**");
        bench.seesReadings(1);
        new Bench(other).seesReadings(1);
    }
}

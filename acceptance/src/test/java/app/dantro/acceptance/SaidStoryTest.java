package app.dantro.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** What was said and seen goes with a case, from its opening to its closing. */
class SaidStoryTest extends OpenWorkshop {
    /** A case from the door, what was looked at first, and what keeps it open until it is put back. */
    @Test
    void whatWasSaidAndSeenGoesWithTheCase() {
        Page page = workshop.desk();
        startsACaseWithoutAClamp(page);
        Bench bench = new Bench(page);
        bench.seesTitle("Base voltage at the posts");
        assertThat(page.locator(".next")).containsText("Look first");
        page.keyboard().press("o");
        Locator symptom = group(page, "What it does");
        assertThat(symptom.locator("[aria-pressed=true]")).containsText("one click");
        group(page, "Posts and clamps").getByText("a fault").click();
        tap(page, "It was put right: record it");
        page.getByLabel("Which part").selectOption("lead-joint-clamp");
        tap(page, "Record the repair");
        group(page, "Engine disabled").getByText("done").click();
        assertThat(group(page, "Engine disabled").locator("[aria-pressed=true]"))
                .containsText("done");

        page.keyboard().press("w");
        assertThat(page.locator(".next")).containsText("To put back: Engine disabled for cranking");
        page.locator("#condition").selectOption("CRANKING");
        assertThat(page.locator("#amps")).hasAttribute("placeholder", "no clamp");
        page.keyboard().press("Escape");
        page.keyboard().press("t");
        Page other = workshop.desk();
        other.navigate(page.url());
        assertThat(other.locator("[role=timer]")).containsText("Cranking");
        tap(other, "Stop");
        assertThat(page.locator("[role=timer]")).containsText("Let the starter cool");

        page.keyboard().press("o");
        group(page, "Engine disabled").getByText("restored").click();
        page.getByLabel("Closed without the complaint's test, because").fill("the owner took it away");
        page.keyboard().press("Enter");
        page.getByText("To the workbench").click();
        bench.seesTitle("Closed, not verified");
        page.locator("header").getByText("Proof").click();
        assertThat(page.getByText("Found while looking: Posts and clamps").first())
                .isVisible();
    }

    private static void startsACaseWithoutAClamp(Page page) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("New case"))
                .click();
        page.getByLabel("Vehicle").fill("Osier cart");
        tap(page, "single click, no crank");
        tap(page, "cold");
        page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("DC clamp at hand"))
                .getByText("no")
                .click();
        tap(page, "Start the case");
    }

    private static Locator group(Page page, String name) {
        return page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName(name));
    }

    @Test
    void aNewCaseStartsFromTheBayAndItsPointsCanBeChosenFreely() {
        Page page = workshop.desk();
        Bench bench = new Bench(page);
        assertThat(page.getByText("New case")).isVisible();
        page.keyboard().press("n");
        page.locator("input[name=vehicle]").fill("Heron 7 minibus");
        // Back closes the dialog, stays in the Bay and keeps what was typed.
        page.goBack();
        assertThat(page.locator("input[name=vehicle]")).not().isVisible();
        page.keyboard().press("n");
        assertThat(page.locator("input[name=vehicle]")).hasValue("Heron 7 minibus");
        page.getByText("nothing happens at the key").click();
        page.locator("select[name=circuit]").selectOption("petrol-body-return");
        page.locator("input[name=celsius]").fill("-4");
        page.keyboard().press("Enter");
        bench.seesTitle("Base voltage");
        assertThat(page.getByText("Heron 7 minibus")).isVisible();
        assertThat(page.getByText("Simulated meter")).hasCount(0);
        page.locator("#condition").selectOption("CRANKING");
        page.locator(".point[title='engine block']").click();
        page.locator(".point[title='body']").click();
        bench.seesTitle("Engine block to body");
        assertThat(page.locator(".outcomes")).containsText("the fault is between them");
        page.locator(".point[title='body']").click();
        assertThat(page.getByText("Red is on the body. Now tap where black goes."))
                .isVisible();
        page.keyboard().type("0.1");
        page.keyboard().press("Enter");
        bench.seesReadings(0);
        page.getByText("Back to the plan").click();
        bench.seesTitle("Base voltage");

        page.locator("header").getByText("Proof").click();
        page.getByText("Set this case aside").click();
        assertThat(page.getByText("This case is set aside.")).isVisible();
        page.getByText("Dantro", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(page.getByText("1 set aside")).isVisible();
    }
}

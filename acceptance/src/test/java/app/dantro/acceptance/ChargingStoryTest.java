package app.dantro.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** The demo vehicles that do not charge, followed to their fault. */
class ChargingStoryTest extends FollowedVehicles {
    @Test
    void theLoadersAlternatorPassesEveryLinkOfItsGateFirst() {
        Page page = opens("Marrow loader");
        follow(page, "^Suspect");
        new Bench(page).seesTitle("Suspect: the alternator");
        assertThat(standings(page)).containsEntry("alternator", "SUSPECT");
        tap(page, "it is driven");
        new Bench(page).seesTitle("Suspect: the alternator");
        tap(page, "arrives");
        new Bench(page).seesTitle("Repair the alternator");
        repair(page);
        follow(page, "^See what was fitted");
        tap(page, "it is driven");
        tap(page, "out");
        Locator ripple = page.getByLabel("Ripple loaded, B+ to case, V AC");
        ripple.fill("0.04");
        for (int fetch = 0; fetch < 2; fetch++) {
            page.waitForResponse(
                    r -> r.url().matches(".*/api/cases/[^/]+"),
                    () -> page.evaluate("dispatchEvent(new Event('online'))"));
        }
        assertThat(ripple).hasValue("0.04");
        page.keyboard().press("Enter");
        new Bench(page).seesTitle("Does it charge");
        assertThat(standings(page)).containsEntry("alternator", "CLEARED").containsEntry("charge-cable", "CLEARED");
        tap(page, "Yes, it charges");
        new Bench(page).seesTitle("Verified");
    }

    @Tag("long")
    @Test
    void theEstatesReferenceGroundAndNotItsComputer() {
        Page page = opens("Ellerwick estate");
        page.navigate(page.url());
        follow(page, "^Repair");
        new Bench(page).seesTitle("Repair the engine computer ground wire");
        assertThat(standings(page)).doesNotContainEntry("alternator", "FAULTY");
    }

    @Tag("long")
    @Test
    void theQuadsRectifierRegulatorGround() {
        Page page = opens("Pipkin 250 quad");
        follow(page, "^Repair");
        new Bench(page).seesTitle("Repair the frame ground of the rectifier-regulator");
        assertThat(standings(page)).doesNotContainEntry("alternator", "FAULTY");
    }

    /** Each side passes one school, the sum fails all of them. */
    @Test
    void theTrucksOutputCableFailsTheSum() {
        Page page = arrives(
                "truck-24v",
                "charging",
                "batteries replaced twice in a year",
                "[{\"kind\":\"added_resistance\",\"part\":\"fuse-joint-in\",\"ohms\":0.011}]");
        new Bench(page).seesTitle("Base voltage at the posts");
        page.getByText("Any other point").click();
        for (String[] pair : new String[][] {
            {"bplus", "post-plus", "B\\+.* to .*\\+ post$"},
            {"post-minus", "alternator-case", "post to alternator case$"}
        }) {
            page.locator("#condition").selectOption("RAISED_LOADED");
            page.getByLabel("Red on").selectOption(pair[0]);
            page.getByLabel("Black on").selectOption(pair[1]);
            new Bench(page).seesTitle(pair[2]);
            int before = new Bench(page).readings().count();
            tap(page, "Simulated meter");
            assertThat(page.locator(".entry")).containsText("simulated");
            tap(page, "Save");
            new Bench(page).seesReadings(before + 1);
        }
        page.keyboard().press("i");
        Locator sum =
                page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Charging, both sides together"));
        assertThat(sum).containsText("the sum fails");
        page.keyboard().press("w");
        // Leads of one's own choice stay where they are, until the plan is asked for again.
        new Bench(page).seesTitle("post to alternator case$");
        page.keyboard().press("n");
        follow(page, "^Repair");
        new Bench(page).seesTitle("Repair the charge cable end at the fuse");
    }
}

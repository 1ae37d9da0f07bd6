package app.dantro.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
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

    /**
     * Three vehicles in one sitting, by the keyboard: the cursor goes on by itself, a slip is asked about on the sheet, good
     * ones leave it, and no row moves before somebody sorts.
     */
    @Test
    void aRunSheetOverThreeVehiclesIsTakenByTheKeyboardAndSortedAtTheEnd() {
        Page page = workshop.desk();
        page.getByText("Run sheet").click();
        Locator rows = page.locator("tbody tr");
        assertThat(rows.first()).isVisible();
        for (String name : List.of("Osier cart", "Reed cart", "Sedge cart")) {
            page.getByLabel("Vehicle").fill(name);
            page.getByLabel("Circuit").selectOption("petrol-car");
            tap(page, "Put it on the sheet");
            boolean lossy = name.startsWith("Reed");
            boolean slips = name.startsWith("Sedge");
            for (String volts : List.of("12.62", "14.2", "14.0", lossy ? "14.98" : "14.2")) {
                take(page, name, volts);
            }
            take(page, name, slips ? "1.3" : lossy ? "0.95" : "0.13");
            if (slips) {
                assertThat(page.getByRole(AriaRole.ALERTDIALOG)).containsText("more than the 0.20 V");
                tap(page, "It showed 0.13 V");
            }
            take(page, name, "0.03");
            assertThat(page.locator("form h2")).hasText("Ripple");
            take(page, name, "40 mV");
            Locator taken = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("All taken"));
            if (lossy) {
                assertThat(taken).containsText("To look at: B+ to case, Supply drop, Sum");
            } else {
                assertThat(taken)
                        .containsText("All good", new LocatorAssertions.ContainsTextOptions().setTimeout(60_000));
                assertThat(taken.getByRole(AriaRole.BUTTON).first()).isFocused();
                page.keyboard().press("Enter");
                assertThat(rows.filter(new Locator.FilterOptions().setHasText(name)))
                        .hasCount(0);
            }
        }
        assertThat(rows.last()).containsText("Reed cart");
        tap(page, "Sort: conspicuous first");
        assertThat(rows.first()).containsText("Reed cart");
        assertThat(rows.first().locator("td[data-sign=BAD]")).hasCount(3);
    }

    /** Types into the field that has the cursor, and waits for the next. */
    private static void take(Page page, String name, String volts) {
        assertThat(page.locator("form .kicker")).containsText(name);
        String due = page.locator("form h2").textContent();
        assertThat(page.locator("form input").first()).isFocused();
        page.keyboard().type(volts);
        page.keyboard().press("Enter");
        assertThat(page.locator("form h2").filter(new Locator.FilterOptions().setHasText(due)))
                .hasCount(0);
    }
}

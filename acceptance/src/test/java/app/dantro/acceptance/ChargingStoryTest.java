package app.dantro.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
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

    /** Three vehicles in one sitting: the one whose supply side is lost comes to the top by itself. */
    @Test
    void aRunSheetOverThreeVehiclesPutsTheConspicuousOneFirst() {
        Page page = workshop.desk();
        page.getByText("Run sheet").click();
        Locator rows = page.locator("tbody tr");
        assertThat(rows.first()).isVisible();
        for (String name : List.of("Osier cart", "Reed cart", "Sedge cart")) {
            page.getByLabel("Vehicle").fill(name);
            page.getByLabel("Circuit").selectOption("petrol-car");
            tap(page, "Put it on the sheet");
            String[] typed = {"12.62", "14.2", "14.0", name.startsWith("Reed") ? "0.95" : "0.13", "0.03"};
            for (String volts : typed) {
                assertThat(page.locator("form .kicker")).containsText(name);
                String due = page.locator("form h2").textContent();
                page.getByLabel("Volts").fill(volts);
                if (page.getByLabel("Amps, clamp").count() > 0) {
                    page.getByLabel("Amps, clamp").fill("74");
                }
                page.keyboard().press("Enter");
                assertThat(page.locator("form h2")).not().hasText(due);
            }
            assertThat(page.locator("form h2")).hasText("Ripple");
            page.getByLabel("Volts AC").fill("0,04");
            page.keyboard().press("Enter");
            assertThat(page.locator("form .kicker")).not().containsText(name);
        }
        Locator reed = page.locator("tr").filter(new Locator.FilterOptions().setHasText("Reed cart"));
        assertThat(reed.locator("td[data-sign=BAD]")).hasCount(2);
        List<String> order = rows.allTextContents();
        int osier = position(order, "Osier cart");
        assertThat(position(order, "Reed cart")).isLessThan(osier).isLessThan(position(order, "Sedge cart"));
    }

    private static int position(List<String> rows, String name) {
        return rows.indexOf(
                rows.stream().filter(r -> r.contains(name)).findFirst().orElseThrow());
    }
}

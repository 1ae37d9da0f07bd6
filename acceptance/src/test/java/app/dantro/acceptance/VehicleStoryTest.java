package app.dantro.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The growers' vehicles and some others, each followed from its complaint to what is proven, in the real interface. */
class VehicleStoryTest {
    private static final int MOST_STEPS = 30;

    private final HandClock clock = new HandClock();

    @TempDir
    Path folder;

    private Workshop workshop;

    @BeforeEach
    void open() {
        workshop = Workshop.open(folder, clock);
    }

    @AfterEach
    void close() {
        assertThat(workshop.mishaps()).isEmpty();
        workshop.close();
    }

    /** A case on a simulated vehicle that comes in as a file, hidden faults and all. */
    private Page arrives(String circuit, String concern, String complaint, String faults) {
        Page page = workshop.desk();
        String id = UUID.randomUUID().toString();
        Object status = page.evaluate("""
                async ([id, circuit, concern, complaint, faults]) => (await fetch('/api/cases/' + id + '/file?by=test', {
                    method: 'PUT',
                    headers: { 'Content-Type': 'application/json' },
                    body: JSON.stringify({
                        format: 'dantro-case', version: 1,
                        vehicle: { name: 'Osier cart', complaint, concern },
                        state: { celsius: 20, state_of_charge: 0.9 },
                        circuit: { ready_made: circuit },
                        faults: JSON.parse(faults)
                    })
                })).status""", List.of(id, circuit, concern, complaint, faults));
        assertThat(status).isEqualTo(200);
        page.navigate(workshop.base() + "/#/case/" + id);
        return page;
    }

    private Page opens(String vehicle) {
        Page page = workshop.desk();
        page.getByText(vehicle).first().click();
        return page;
    }

    /** Takes what is asked for by the simulated meter until the title is one that is waited for. */
    private static void follow(Page page, String until) {
        Bench bench = new Bench(page);
        bench.seesJudgement();
        Pattern wanted = Pattern.compile(until);
        for (int i = 0; i < MOST_STEPS; i++) {
            if (wanted.matcher(bench.title().textContent()).find()) {
                return;
            }
            int before = bench.readings().count();
            page.keyboard().press("m");
            assertThat(page.locator(".entry")).containsText("simulated");
            page.keyboard().press("Enter");
            bench.seesReadings(before + 1);
        }
        throw new AssertionError("After %d readings it still says (%s)"
                .formatted(MOST_STEPS, bench.title().textContent()));
    }

    private static void tap(Page page, String words) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(words).setExact(true))
                .click();
    }

    private static void repair(Page page) {
        String title = new Bench(page).title().textContent();
        tap(page, "Record the repair");
        assertThat(page.locator(".next h1")).not().hasText(title);
    }

    private static Map<String, String> standings(Page page) {
        page.keyboard().press("p");
        Locator parts = page.locator("[data-part]");
        parts.first().waitFor();
        Map<String, String> standings = new java.util.HashMap<>();
        for (Locator part : parts.all()) {
            standings.put(part.getAttribute("data-part"), part.getAttribute("data-standing"));
        }
        page.keyboard().press("w");
        new Bench(page).title().waitFor();
        return standings;
    }

    @Test
    void thePickupsStarterCableAndThenItsIdleSecondBattery() {
        Page page = opens("Hobbing Twin pickup");
        follow(page, "^Repair");
        new Bench(page).seesTitle("Repair the cable end on the battery stud");
        repair(page);
        new Bench(page).seesTitle("Retest across the cable end on the battery stud");
        follow(page, "^Repair");
        new Bench(page).seesTitle("Repair the \\+ link joint on the clamp");
        repair(page);
        new Bench(page).seesTitle("Retest across the \\+ link joint");
        follow(page, "^Does it crank");
        tap(page, "Yes, it cranks and starts");
        new Bench(page).seesTitle("Verified");
        assertThat(page.locator(".next")).containsText("Across the + link joint on the clamp: 2.");
        assertThat(standings(page)).doesNotContainEntry("starter", "FAULTY").doesNotContainEntry("battery-b", "FAULTY");
    }

    @Tag("long")
    @Test
    void aSeizedEngineCondemnsNeitherBatteryNorStarter() {
        Page page = arrives(
                "petrol-car", "starting", "cranks slowly", "[{\"kind\":\"drag\",\"part\":\"starter\",\"factor\":3}]");
        follow(page, "^Suspect");
        new Bench(page).seesTitle("Suspect: the starter");
        tap(page, "turns hard");
        assertThat(page.locator(".says").first()).containsText("The starter is not proven bad");
        follow(page, "^The wiring does not explain it");
        assertThat(page.locator(".next")).containsText("Free the engine");
        assertThat(standings(page)).doesNotContainValue("FAULTY").containsEntry("starter", "NOT_PROVEN");
    }

    @Tag("long")
    @Test
    void aStarterThatTrulyFailedGoesThroughItsWholeProof() {
        Page page = arrives(
                "petrol-car", "starting", "one click, no crank", "[{\"kind\":\"open_armature\",\"part\":\"starter\"}]");
        follow(page, "^Suspect");
        assertThat(standings(page)).containsEntry("starter", "SUSPECT");
        tap(page, "turns freely");
        new Bench(page).seesTitle("Repair the starter");
        repair(page);
        follow(page, "^Does it crank");
        tap(page, "Yes, it cranks and starts");
        new Bench(page).seesTitle("Verified");
        assertThat(page.locator(".next")).containsText("The starter: replaced");
    }

    @Test
    void anAbandonedCaseIsTakenUpAgainTheNextDay() {
        Page page = opens("Tamblin 14 box van");
        Bench bench = new Bench(page);
        bench.seesJudgement();
        page.keyboard().press("m");
        assertThat(page.locator(".entry")).containsText("simulated");
        page.keyboard().press("Enter");
        bench.seesReadings(1);
        String next = bench.title().textContent();
        page.keyboard().type("0.4");
        clock.pass(24 * 3600);
        workshop.restart();
        page.navigate(workshop.base());
        page.getByText("Tamblin 14 box van").click();
        bench.seesReadings(1);
        bench.seesJudgement();
        assertThat(bench.title()).hasText(next);
    }

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
        follow(page, "^Repair");
        new Bench(page).seesTitle("Repair the charge cable end at the fuse");
    }

    @Test
    void onAHealthyCarNothingIsCondemned() {
        Page page = arrives("petrol-car", "charging", "charge lamp came on once", "[]");
        follow(page, "^(Take it point by point|Does it charge)");
        assertThat(standings(page)).doesNotContainValue("FAULTY").doesNotContainValue("SUSPECT");
        assertThat(page.getByText("Repair the")).hasCount(0);
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

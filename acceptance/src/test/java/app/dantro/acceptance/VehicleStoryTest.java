package app.dantro.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** The growers' vehicles and some others, each followed from its complaint to what is proven, in the real interface. */
class VehicleStoryTest extends FollowedVehicles {
    @Tag("long")
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
        answers(page, "Yes, it cranks and starts");
        follow(page, "^Verified");
        new Bench(page).seesTitle("Verified");
        assertThat(page.locator(".next")).containsText("Across the + link joint on the clamp: 2.");
        assertThat(standings(page)).doesNotContainEntry("starter", "FAULTY").doesNotContainEntry("battery-b", "FAULTY");
    }

    @Tag("long")
    @Test
    void aSeizedEngineCondemnsNeitherBatteryNorStarter() {
        Page page = arrives(
                "petrol-car", "starting", "cranks slowly", "[{\"kind\":\"drag\",\"part\":\"starter\",\"factor\":3}]");
        follow(page, "^How did it turn");
        answers(page, "slowly");
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
        follow(page, "^How did it turn");
        answers(page, "not at all");
        follow(page, "^Suspect");
        assertThat(standings(page)).containsEntry("starter", "SUSPECT");
        tap(page, "turns freely");
        tap(page, "fails");
        new Bench(page).seesTitle("Repair the starter");
        repair(page);
        follow(page, "^Does it crank");
        answers(page, "Yes, it cranks and starts");
        follow(page, "^Verified");
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
    void onAHealthyCarNothingIsCondemned() {
        Page page = arrives("petrol-car", "charging", "charge lamp came on once", "[]");
        follow(page, "^Not reproduced today");
        assertThat(standings(page)).doesNotContainValue("FAULTY").doesNotContainValue("SUSPECT");
        assertThat(page.getByText("Repair the")).hasCount(0);
        assertThat(page.locator(".ending")).containsText("For the customer");
        tap(page, "End the job");
        assertThat(page.locator(".next h1").getByText("Not reproduced today")).isVisible();
        page.getByText("Back to the Bay").click();
        assertThat(page.locator("a.tile", new Page.LocatorOptions().setHasText("Osier cart")))
                .containsText("Not reproduced");
    }
}

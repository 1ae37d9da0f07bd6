package app.dantro.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Charging jobs of several schools, in their own orders, from the complaint to their end. */
class ChargingJobsTest extends MendedJobs {
    /** A tenth of a volt slipped into seven: asked at once, and the seven hundredths count. */
    @Tag("long")
    @Test
    void sevenTenthsForSevenHundredthsIsAskedBeforeItCounts() {
        Page page = job("petrol-car", "charging", "charges too little", "CHARGING_SYMPTOM=UNDERCHARGES", "CLAMP=NO");
        reads(page, PLUS, MINUS, "REST", "12.6");
        reads(page, "bplus", CASE, LOADED, "14.2");
        reads(page, PLUS, MINUS, LOADED, "14.04");
        reads(page, "bplus", PLUS, LOADED, "0.12");
        reads(page, CASE, MINUS, LOADED, "0.7");
        isAskedAndAnswers(page, "more than is left of the 0.16 V", "0.07");
        nothingIsAccused(page);
        reads(page, PLUS, MINUS, "IDLE", "14.2");
        reads(page, PLUS, MINUS, "CRANKING", "10.9");
        page.keyboard().press("n");
        answers(page, "as it should");
        ends(page, "Not reproduced today");
    }

    /** Compared, then split, to a tenth of a volt where the meter shows no more: the fuse of a 24 V truck. */
    @Tag("long")
    @Test
    void aTrucksFuseIsFoundByComparingAndSplitting() {
        Page page = job("truck-24v", "charging", "charges too little", "CHARGING_SYMPTOM=UNDERCHARGES", "CLAMP=NO");
        reads(page, PLUS, MINUS, "REST", "25.2");
        reads(page, "bplus", CASE, LOADED, "28.3");
        reads(page, PLUS, MINUS, LOADED, "27.0");
        reads(page, "bplus", PLUS, LOADED, "11.0");
        isAskedAndAnswers(page, "more than the 1.3", "1.1");
        reads(page, MINUS, CASE, LOADED, "0.1");
        reads(page, "bplus", "fuse-in", LOADED, "0.1");
        reads(page, "fuse-in", "fuse-out", LOADED, "0.9");
        assertThat(standings(page)).doesNotContainEntry("alternator", "FAULTY");
        page.keyboard().press("n");
        new Bench(page).seesTitle("Repair the large fuse");
        repair(page);
        takes(
                page,
                "^Does it charge",
                Map.of(
                        "Retest across", "0.0",
                        "Loaded voltage", "28.0",
                        "Regulated", "28.3",
                        "at idle", "28.2",
                        "Whole supply", "0.2",
                        "Whole return", "0.1"));
        answers(page, "Yes, it charges");
        takes(page, "^Verified");
    }

    /** Flat in the morning, charging good: asleep 310 mA that stop with B+ lifted, and the diodes conduct both ways. */
    @Tag("long")
    @Test
    void anOvernightDrainThroughTheDiodes() {
        Page page = job("petrol-car", "charging", "flat in the morning", "CHARGING_SYMPTOM=FLAT_MORNING", "CLAMP=NO");
        reads(page, PLUS, MINUS, "REST", "12.5");
        reads(page, PLUS, MINUS, "IDLE", "1.42");
        isAskedAndAnswers(page, "does not fit a source of 12 V", "14.2");
        reads(page, PLUS, MINUS, LOADED, "14.0");
        reads(page, "bplus", PLUS, LOADED, "0.12");
        reads(page, CASE, MINUS, LOADED, "0.04");
        page.keyboard().press("n");
        new Bench(page).seesTitle("What does it draw asleep");
        page.getByLabel("Current asleep").fill("310");
        page.keyboard().press("Enter");
        new Bench(page).seesTitle("Find what draws");
        page.keyboard().press("g");
        tap(page, "Overnight drain");
        Locator drain = region(page, "Overnight drain");
        assertThat(drain).containsText("days");
        assertThat(drain.getByLabel("Diode test, red on case")).hasCount(0);
        taps(drain, "Battery − lifted", "done");
        taps(drain, "B+ cable lifted", "done");
        taps(drain, "With B+ lifted the current", "stops");
        drain.getByLabel("Diode test, red on case").fill("0.445");
        page.keyboard().press("Enter");
        drain.getByLabel("Diode test, leads swapped").fill("0.31");
        page.keyboard().press("Enter");
        assertThat(drain).containsText("leak");
        page.keyboard().press("w");
        assertThat(page.locator(".next")).containsText("To put back");
        assertThat(standings(page)).containsEntry("alternator", "SUSPECT");
        states(page, "BATTERY_LIFTED", "CLOSED");
        states(page, "OUTPUT_LIFTED", "CLOSED");
        comesBack(page);
        tap(page, "it is this one");
        isReplacedAndSleeps(page);
    }

    /** What is asked asleep is asked once more of the new one, before its own test. */
    private void isReplacedAndSleeps(Page page) {
        new Bench(page).seesTitle("Repair the alternator");
        repair(page);
        takes(page, "^See what was fitted");
        theNewUnitIsSeenAtWork(page);
        new Bench(page).seesTitle("What does it draw asleep");
        page.getByLabel("Current asleep").fill("28");
        page.keyboard().press("Enter");
        new Bench(page).seesTitle("Does it charge");
        answers(page, "Yes, it charges");
        takes(page, "^Verified");
    }

    private static void taps(Locator in, String question, String answer) {
        Locator group = in.getByRole(AriaRole.GROUP, new Locator.GetByRoleOptions().setName(question));
        group.getByText(answer).click();
        assertThat(group.locator("[aria-pressed=true]")).containsText(answer);
    }
}

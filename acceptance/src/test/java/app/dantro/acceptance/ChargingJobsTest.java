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
class ChargingJobsTest extends PractitionersJobs {
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
        isAskedAndAnswers(page, "more than the 0.16 V that lie between", "0.07");
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
        reads(page, "bplus", PLUS, LOADED, "1.1");
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
        reads(page, PLUS, MINUS, "IDLE", "14.2");
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
        new Bench(page).seesTitle("Repair the alternator");
        repair(page);
        takes(page, "^See what was fitted");
        states(page, "BELT_DRIVES", "YES");
        states(page, "LAMP", "OUT");
        states(page, "RIPPLE_LOADED", "0.03");
        comesBack(page);
        new Bench(page).seesTitle("What does it draw asleep");
        page.getByLabel("Current asleep").fill("28");
        page.keyboard().press("Enter");
        new Bench(page).seesTitle("Does it charge");
        answers(page, "Yes, it charges");
        takes(page, "^Verified");
    }

    /** Supply, off, return, off, sum: the pile's page, its signs ignored. */
    @Tag("long")
    @Test
    void aPileAtTheAlternatorNamesTheSideThatTakesMore() {
        Page page =
                job("petrol-car", "charging", "charges too little", "CHARGING_SYMPTOM=UNDERCHARGES", "RATED_AMPS=140");
        reads(page, PLUS, MINUS, "REST", "12.5");
        page.keyboard().press("g");
        tap(page, "Carbon pile");
        Locator pile = region(page, "carbon pile at the alternator");
        assertThat(pile).containsText("set 140 A");
        saved(pile, "supply side", "-0.21");
        assertThat(pile).containsText("rested");
        saved(pile, "return side", "0.62");
        assertThat(pile).containsText("the return side first");
    }

    /** The starter's way under a pile, and the same on 24 V: the sum is held against half a volt a block. */
    @Tag("long")
    @Test
    void aPileInTheStartersPlaceOnTwelveAndTwentyFourVolts() {
        Page car = job("petrol-car", "starting", "cranks slowly", "SYMPTOM=SLOW", "CLAMP=NO");
        reads(car, PLUS, MINUS, "REST", "12.6");
        underThePile(car, "set 300 A", "0.18", "0.14");
        assertThat(region(car, "carbon pile at the starter")).containsText("0.32 V");
        nothingIsAccused(car);
        Page truck = job("truck-24v", "starting", "cranks slowly", "SYMPTOM=SLOW", "CLAMP=NO");
        reads(truck, PLUS, MINUS, "REST", "25.2");
        underThePile(truck, "set 500 A", "0.45", "0.20");
        assertThat(region(truck, "carbon pile at the starter")).containsText("0.65 V");
        assertThat(standings(truck)).doesNotContainValue("FAULTY").doesNotContainEntry("battery-a", "SUSPECT");
    }

    private static void underThePile(Page page, String set, String supply, String back) {
        page.keyboard().press("g");
        tap(page, "Carbon pile");
        Locator pile = region(page, "carbon pile at the starter");
        assertThat(pile).containsText(set);
        saved(pile, "supply side", supply);
        assertThat(pile).containsText("rested");
        saved(pile, "return side", back);
    }

    /** Load by load with the clamp: every step with its own amps, none of them a clamp's error; then the fuse walked. */
    @Tag("long")
    @Test
    void loadsSwitchedOnOneByOneThenTheFuseIsWalked() {
        Page page = job("petrol-car", "charging", "charges too little", "CHARGING_SYMPTOM=UNDERCHARGES", "CLAMP=YES");
        reads(page, PLUS, MINUS, "REST", "12.5");
        reads(page, "bplus", CASE, "RAISED_SOME", "14.22", 20);
        reads(page, "bplus", CASE, "RAISED_SOME", "14.20", 33);
        reads(page, "bplus", CASE, "RAISED_SOME", "14.18", 47);
        nothingIsAccused(page);
        assertThat(page.locator(".doubts")).hasCount(0);
        page.keyboard().press("g");
        tap(page, "Current and ripple");
        assertThat(page.locator("table")).containsText("some loads on");
        page.keyboard().press("w");
        reads(page, PLUS, MINUS, LOADED, "13.0", 62);
        reads(page, "bplus", CASE, LOADED, "14.15", 62);
        reads(page, "bplus", PLUS, LOADED, "1.08", 62);
        reads(page, CASE, MINUS, LOADED, "0.05", 62);
        reads(page, "fuse-in", "fuse-out", LOADED, "0.95", 62);
        assertThat(standings(page)).doesNotContainEntry("alternator", "FAULTY");
        isRepairedAndVerified(page, "large fuse");
    }

    private static void saved(Locator pile, String side, String volts) {
        Locator form = pile.getByRole(AriaRole.FORM, new Locator.GetByRoleOptions().setName(side));
        form.getByLabel("Meter shows").fill(volts);
        form.getByText("Save").click();
    }

    private static Locator region(Page page, String name) {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName(name));
    }

    private static void taps(Locator in, String question, String answer) {
        Locator group = in.getByRole(AriaRole.GROUP, new Locator.GetByRoleOptions().setName(question));
        group.getByText(answer).click();
        assertThat(group.locator("[aria-pressed=true]")).containsText(answer);
    }
}

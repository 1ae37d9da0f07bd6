package app.dantro.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Charging faults as practitioners find them, past the repair to its own test. */
class ChargingFaultsTest extends MendedJobs {
    /** Amps by clamp, the sides split, one joint taken directly, cleaned, the same readings again. */
    @Tag("long")
    @Test
    void aLinksEndIsFoundByAmpsAndVerified() {
        Page page = job(
                "charge-fusible-link", "charging", "charges too little", "CHARGING_SYMPTOM=UNDERCHARGES", "CLAMP=YES");
        reads(page, PLUS, MINUS, "REST", "12.5");
        reads(page, "bplus", CASE, LOADED, "14.2", 58);
        reads(page, PLUS, MINUS, LOADED, "13.4", 58);
        reads(page, "bplus", PLUS, LOADED, "0.75", 580);
        isAskedAndAnswers(page, "where it was 58 A before", "I enter it again");
        reads(page, "bplus", PLUS, LOADED, "0.75", 58);
        reads(page, CASE, MINUS, LOADED, "0.04", 58);
        reads(page, "fuse-in", "clamp-plus", LOADED, "0.62", 58);
        page.keyboard().press("n");
        new Bench(page).seesTitle("Repair the fusible link end on the \\+ clamp");
        repair(page);
        takes(page, "^Does it charge");
        answers(page, "Yes, it charges");
        takes(page, "^Verified");
        assertThat(page.locator(".ending")).containsText("Safe to drive: yes");
    }

    /** Everything that reaches the machine is shown, it does not answer its field: replaced, seen at work, verified. */
    @Tag("long")
    @Test
    void aMachineIsNamedByEliminationReplacedAndVerified() {
        Page page =
                job("computer-regulated", "charging", "does not charge", "CHARGING_SYMPTOM=NOT_CHARGING", "CLAMP=NO");
        reads(page, PLUS, MINUS, "REST", "12.5");
        reads(page, PLUS, MINUS, "IDLE", "1.23");
        isAskedAndAnswers(page, "does not fit a source of 12 V", "12.3");
        reads(page, PLUS, MINUS, LOADED, "11.9");
        assertThat(page.locator(".says")).containsText("It is discharging");
        reads(page, "bplus", CASE, LOADED, "11.95");
        reads(page, "bplus", PLUS, LOADED, "0.02");
        reads(page, CASE, MINUS, LOADED, "0.01");
        states(page, "PIN_FEED", "12.3");
        states(page, "BELT_DRIVES", "YES");
        states(page, "PLUG_FED", "YES");
        states(page, "FIELD_ANSWERS", "NO");
        comesBack(page);
        assertThat(standings(page)).doesNotContainEntry("alternator", "FAULTY");
        page.keyboard().press("n");
        new Bench(page).seesTitle("Battery \\+ post to large fuse, output");
        types(page, "0.01");
        new Bench(page).seesTitle("Engine computer ground pin to battery − post");
        types(page, "0.01");
        new Bench(page).seesTitle("Repair the alternator");
        repair(page);
        takes(page, "^See what was fitted");
        theNewUnitIsSeenAtWork(page);
        new Bench(page).seesTitle("Does it charge");
        answers(page, "Yes, it charges");
        takes(page, "^Verified");
    }

    /** Lamp on, glow plugs done, both batteries new: discharging, and no feed comes to the machine. */
    @Tag("long")
    @Test
    void newBatteriesDoNotCureAMachineThatGetsNoFeed() {
        Page page = job(
                "twin-battery-diesel",
                "charging",
                "lamp on",
                "CHARGING_SYMPTOM=LAMP_ON",
                "CLAMP=NO",
                "REPLACED=both batteries");
        reads(page, PLUS, MINUS, "REST", "12.5");
        reads(page, PLUS, MINUS, "KEY_ON", "11.9");
        page.keyboard().press("n");
        new Bench(page).seesTitle("Voltage at idle");
        tap(page, "finished");
        assertThat(page.getByText("Wait for the glow plugs")).hasCount(0);
        reads(page, PLUS, MINUS, "IDLE", "119");
        isAskedAndAnswers(page, "does not fit a source of 12 V", "11.9");
        reads(page, PLUS, MINUS, LOADED, "11.6");
        assertThat(page.locator(".says")).containsText("It is discharging");
        reads(page, "bplus", CASE, LOADED, "11.7");
        clock.pass(-900);
        states(page, "PIN_FEED", "0.3");
        clock.pass(900);
        states(page, "LAMP_KEY_ON", "DARK");
        comesBack(page);
        page.keyboard().press("g");
        assertThat(page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Feed check")))
                .containsText("it does not arrive");
        assertThat(standings(page)).doesNotContainValue("FAULTY").doesNotContainValue("SUSPECT");
        page.keyboard().press("n");
        new Bench(page).seesTitle("Put right first: What its plug needs");
        answers(page, "arrives");
        takes(page, "^Does it charge");
        answers(page, "Yes, it charges");
        takes(page, "^Verified");
        assertThat(page.locator(".next")).containsText("put right");
    }

    /** The same drop cold and warm at one current: a ground that opens with the heat. */
    @Tag("long")
    @Test
    void aGroundThatOpensWithTheHeatIsSeenColdBesideWarm() {
        Page page =
                job("petrol-body-return", "charging", "dim when warm", "CHARGING_SYMPTOM=UNDERCHARGES", "CLAMP=YES");
        theEngineIs(page, "Cold");
        reads(page, PLUS, MINUS, "REST", "1.26");
        isAskedAndAnswers(page, "does not fit a 12 V battery", "12.6");
        reads(page, "bplus", PLUS, LOADED, "0.16", 60);
        reads(page, CASE, MINUS, LOADED, "0.05", 60);
        theEngineIs(page, "Warm");
        reads(page, "bplus", PLUS, LOADED, "0.15", 52);
        reads(page, CASE, MINUS, LOADED, "0.31", 52);
        page.keyboard().press("g");
        tap(page, "Loaded drops");
        assertThat(page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Cold and warm")))
                .containsText("a joint opens with the heat");
        assertThat(standings(page)).doesNotContainEntry("alternator", "SUSPECT");
        reads(page, CASE, "bracket", LOADED, "0.28", 52);
        isReadOnceMore(page, "Across the alternator mount", "0.27");
        isRepairedAndVerified(page, "alternator mount");
    }

    private static void theEngineIs(Page page, String state) {
        page.keyboard().press("g");
        tap(page, "Loaded drops");
        tap(page, state + " from here on");
        page.keyboard().press("w");
        new Bench(page).title().waitFor();
    }
}

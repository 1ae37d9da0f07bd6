package app.dantro.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Starting jobs of several habits, from the complaint to their end. */
class StartingJobsTest extends MendedJobs {
    /** Return first: the key held, halved towards the post, cleaned, the same joint again, its own test; no clamp. */
    @Test
    void aClickIsHalvedToTheCableEndAndVerifiedByAMeterAlone() {
        Page page = job("petrol-car", "starting", "one click, no crank", "SYMPTOM=CLICK", "CLAMP=NO");
        reads(page, PLUS, MINUS, "REST", "12.55");
        reads(page, PLUS, MINUS, "START_ATTEMPT", "1.231");
        isAskedAndAnswers(page, "does not fit a 12 V battery", "12.31");
        reads(page, PLUS, "battery-stud", "START_ATTEMPT", "11.9");
        reads(page, PLUS, "cable-end-battery", "START_ATTEMPT", "11.8");
        reads(page, "clamp-plus", "cable-end-battery", "START_ATTEMPT", "11.7");
        page.keyboard().press("n");
        new Bench(page).seesTitle("Repair the cable end in the \\+ clamp");
        repair(page);
        reads(page, "clamp-plus", "cable-end-battery", "CRANKING", "0.02");
        reads(page, PLUS, MINUS, "CRANKING", "10.9");
        reads(page, PLUS, "motor-stud", "CRANKING", "0.35");
        reads(page, "starter-case", MINUS, "CRANKING", "0.18");
        page.keyboard().press("n");
        new Bench(page).seesTitle("Does it crank");
        answers(page, "Yes, it cranks and starts");
        new Bench(page).seesTitle("Loaded voltage at the posts");
        types(page, "14.1");
        new Bench(page).seesTitle("Verified");
        assertThat(page.locator(".ending")).containsText("Safe to drive: yes");
    }

    /** A slow crank that is not slow today: surface charge off, both sides by several bumps, then the other side. */
    @Tag("long")
    @Test
    void aDieselWithSurfaceChargeAndADisabledEngineIsNotReproduced() {
        Page page = job("diesel-glow", "starting", "cranks slowly", "SYMPTOM=SLOW", "CLAMP=NO");
        types(page, "12.95");
        assertThat(page.locator(".next")).containsText("surface charge");
        types(page, "12.62");
        states(page, "ENGINE_DISABLED", "OPEN");
        comesBack(page);
        reads(page, PLUS, MINUS, "CRANKING", "104");
        isAskedAndAnswers(page, "does not fit a 12 V battery", "10.4");
        places("starter-case", page);
        int before = new Bench(page).readings().count();
        page.keyboard().type("0.31 0.29 0.30");
        page.keyboard().press("Enter");
        new Bench(page).seesReadings(before + 3);
        reads(page, PLUS, "motor-stud", "CRANKING", "0.37");
        page.keyboard().press("n");
        answers(page, "as it should");
        states(page, "ENGINE_DISABLED", "CLOSED");
        comesBack(page);
        new Bench(page).seesTitle("Loaded voltage at the posts");
        types(page, "14.0");
        nothingIsAccused(page);
        ends(page, "Not reproduced today");
    }

    private static void places(String red, Page page) {
        page.getByLabel("Red on").selectOption(red);
        page.getByLabel("Black on").selectOption(MINUS);
        page.evaluate("document.activeElement.blur()");
    }

    /** Draw first: a clamp, the posts, both sides at one current; a starter that turns slowly on good volts. */
    @Tag("long")
    @Test
    void muchCurrentAndASlowStarterAreLookedAtByHandBeforeAnythingIsReplaced() {
        Page page = job("petrol-car", "starting", "cranks slowly", "SYMPTOM=SLOW", "CLAMP=YES", "CYLINDERS=4");
        reads(page, PLUS, MINUS, "REST", "12.6");
        reads(page, PLUS, MINUS, "CRANKING", "10.3", 240);
        reads(page, "starter-case", MINUS, "CRANKING", "0.25", 24);
        isAskedAndAnswers(page, "where it was 240 A before", "I enter it again");
        reads(page, "starter-case", MINUS, "CRANKING", "0.25", 240);
        reads(page, PLUS, "motor-stud", "CRANKING", "0.50", 240);
        page.keyboard().press("n");
        answers(page, "slowly");
        new Bench(page).seesTitle("Suspect: the starter");
        assertThat(page.locator(".next")).containsText("the starter or the engine");
        assertThat(standings(page)).doesNotContainValue("FAULTY").containsEntry("battery", "CLEARED");
        answers(page, "turns hard");
        assertThat(standings(page)).doesNotContainEntry("starter", "FAULTY");
        assertThat(page.locator(".ending")).containsText("For the customer");
        tap(page, "End the job: handed on");
        assertThat(page.locator(".next h1")).containsText("Both sides good: hand on what is left");
    }

    /** Alone with the phone: rest, key on, the meter's MIN, + post to metal in a second crank, idle, raised. */
    @Tag("long")
    @Test
    void aMotorcycleAloneByTheMetersMemory() {
        Page page = job("motorcycle", "starting", "slow in the morning", "SYMPTOM=SLOW", "CLAMP=NO");
        reads(page, PLUS, MINUS, "REST", "12.6");
        reads(page, PLUS, MINUS, "KEY_ON", "1.23");
        isAskedAndAnswers(page, "does not fit a 12 V battery", "12.3");
        page.locator("#condition").selectOption("CRANKING");
        page.locator("#statistic").selectOption("MINIMUM");
        types(page, "9.4");
        page.locator("#statistic").selectOption("SETTLED");
        reads(page, PLUS, MINUS, "CRANKING", "10.5");
        reads(page, PLUS, "block", "CRANKING", "10.3");
        reads(page, PLUS, MINUS, "IDLE", "13.9");
        reads(page, PLUS, MINUS, "HIGH_SPEED", "14.3");
        nothingIsAccused(page);
        page.keyboard().press("n");
        takes(
                page,
                "^How did it turn",
                Map.of("Whole return", "0.10", "Whole supply", "0.30", "Loaded voltage", "13.9", "Regulated", "14.2"));
        answers(page, "as it should");
        takes(page, "Not reproduced", Map.of("Loaded voltage", "13.9", "Regulated", "14.2"));
        nothingIsAccused(page);
        ends(page, "Not reproduced today");
    }

    /** Lights and blower at rest, then off: a battery is judged by what it gives while cranking, not by a load nobody measured. */
    @Tag("long")
    @Test
    void aLoadedBatteryThatRecoversAccusesNobody() {
        Page page = job("petrol-car", "starting", "cranks slowly", "SYMPTOM=SLOW", "CLAMP=NO");
        reads(page, PLUS, MINUS, "REST", "12.6");
        reads(page, PLUS, MINUS, "ENGINE_OFF_LOAD", "11.4");
        states(page, "RECOVERY_VOLTS", "12.4");
        reads(page, PLUS, MINUS, "CRANKING", "109");
        isAskedAndAnswers(page, "does not fit a 12 V battery", "10.9");
        reads(page, "starter-case", MINUS, "CRANKING", "0.20");
        reads(page, PLUS, "motor-stud", "CRANKING", "0.40");
        page.keyboard().press("n");
        answers(page, "as it should");
        new Bench(page).seesTitle("Loaded voltage at the posts");
        types(page, "14.0");
        nothingIsAccused(page);
        ends(page, "Not reproduced today");
    }
}

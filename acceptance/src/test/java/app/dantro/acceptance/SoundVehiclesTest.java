package app.dantro.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Sound vehicles that come for a check: nobody is accused on the way, and each ends as good. */
class SoundVehiclesTest extends PractitionersJobs {
    /** Compared first, then the grounds from one post without a sign, then the supply; a sound car ends as good. */
    @Test
    void aCheckWithAnUnsignedGroundWalkAccusesNobodyAndShowsItsSteps() {
        Page page = job("petrol-car", "charging", "check before winter", "CHARGING_SYMPTOM=CHECK", "CLAMP=NO");
        reads(page, PLUS, MINUS, "REST", "12.6");
        reads(page, "bplus", CASE, LOADED, "14.21");
        reads(page, PLUS, MINUS, LOADED, "14.02");
        reads(page, CASE, MINUS, LOADED, "0.5");
        isAskedAndAnswers(page, "more than the 0.19 V", "0.05");
        reads(page, "block", MINUS, LOADED, "0.04");
        reads(page, "body", MINUS, LOADED, "0.06");
        reads(page, "bplus", PLUS, LOADED, "0.14");
        nothingIsAccused(page);
        page.keyboard().press("g");
        tap(page, "Grounds and walks");
        assertThat(page.getByRole(
                        AriaRole.REGION, new Page.GetByRoleOptions().setName("Walked from the battery − post")))
                .containsText("From the engine block less than these readings can tell");
        page.keyboard().press("w");
        reads(page, PLUS, MINUS, "IDLE", "14.2");
        reads(page, PLUS, MINUS, "CRANKING", "10.9");
        reads(page, "starter-case", MINUS, "CRANKING", "0.18");
        reads(page, PLUS, "motor-stud", "CRANKING", "0.37");
        page.keyboard().press("n");
        answers(page, "as it should");
        ends(page, "Starting and charging are good");
    }

    /** Charging for calcium batteries holds 15.3 V: no fault where the strategy was entered. */
    @Tag("long")
    @Test
    void calciumChargingAtItsUpperEndIsGood() {
        Page page = job("petrol-car", "charging", "check", "CHARGING_SYMPTOM=CHECK", "STRATEGY=CALCIUM", "CLAMP=NO");
        reads(page, PLUS, MINUS, "REST", "12.7");
        reads(page, PLUS, MINUS, "IDLE", "15.1");
        reads(page, PLUS, MINUS, "RAISED", "1.53");
        isAskedAndAnswers(page, "does not fit a source of 12 V", "15.3");
        reads(page, PLUS, MINUS, LOADED, "14.6");
        reads(page, "bplus", PLUS, LOADED, "0.15");
        reads(page, CASE, MINUS, LOADED, "0.04");
        reads(page, PLUS, MINUS, "CRANKING", "10.7");
        reads(page, "starter-case", MINUS, "CRANKING", "0.2");
        reads(page, PLUS, "motor-stud", "CRANKING", "0.42");
        nothingIsAccused(page);
        page.keyboard().press("n");
        answers(page, "as it should");
        ends(page, "Starting and charging are good");
    }

    /** Volts, ripple and amps: ripple at idle alone is not enough, loaded it is. */
    @Tag("long")
    @Test
    void rippleAtIdleAloneIsNotEnough() {
        Page page = job("charge-by-junction", "charging", "check", "CHARGING_SYMPTOM=CHECK", "CLAMP=YES");
        reads(page, PLUS, MINUS, "REST", "12.6");
        reads(page, PLUS, MINUS, "IDLE", "14.3", 40);
        reads(page, PLUS, MINUS, LOADED, "14.0", 74);
        states(page, "RIPPLE_IDLE", "0.04");
        reads(page, "bplus", PLUS, LOADED, "0.14", 74);
        reads(page, CASE, MINUS, LOADED, "0.05", 74);
        page.keyboard().press("g");
        tap(page, "Current and ripple");
        assertThat(page.locator("main")).containsText("Repeat it loaded");
        page.keyboard().press("w");
        reads(page, PLUS, MINUS, "CRANKING", "10.8", 150);
        reads(page, "starter-case", MINUS, "CRANKING", "0.2", 150);
        reads(page, PLUS, "motor-stud", "CRANKING", "0.4", 150);
        page.keyboard().press("n");
        answers(page, "as it should");
        states(page, "RIPPLE_LOADED", "50 mV");
        comesBack(page);
        nothingIsAccused(page);
        ends(page, "Starting and charging are good");
    }
}

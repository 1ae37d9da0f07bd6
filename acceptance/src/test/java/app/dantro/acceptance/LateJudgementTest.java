package app.dantro.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import org.junit.jupiter.api.Test;

/** A machine so busy that no judgement comes with the answer to a save: what is said follows by itself. */
class LateJudgementTest extends PractitionersJobs {
    @Override
    Workshop opened() {
        return Workshop.open(folder, clock, Workshop.WAIT + "0");
    }

    @Test
    void aJudgementThatComesLaterIsShownWithoutAHandAndNothingTypedIsLost() {
        Page page = job("petrol-car", "starting", "cranks slowly", "SYMPTOM=SLOW", "CLAMP=NO");
        Bench bench = new Bench(page);
        types(page, "12.58");
        bench.seesJudgement();
        types(page, "11.62");
        types(page, "2.97");
        bench.seesJudgement();
        assertThat(page.locator(".says h2")).containsText("return side");
        page.keyboard().type("0.0");
        assertThat(page.locator(".entry")).containsText("0.0");
        page.keyboard().press("Escape");
        assertThat(bench.readings()).hasCount(3);
    }
}

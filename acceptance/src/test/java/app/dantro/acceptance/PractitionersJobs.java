package app.dantro.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;

/** Jobs as practitioners do them: own order, own leads, a meter's digits, mostly without a clamp, to their end. */
abstract class PractitionersJobs extends FollowedVehicles {
    static final String PLUS = "post-plus";
    static final String MINUS = "post-minus";
    static final String CASE = "alternator-case";
    static final String LOADED = "RAISED_LOADED";

    /** A vehicle without hidden faults; what is typed is all that is known of it. @param said such as {@code CLAMP=NO} */
    Page job(String circuit, String concern, String complaint, String... said) {
        Page page = arrives(circuit, concern, complaint, "[]");
        for (String one : said) {
            states(page, one.split("=")[0], one.split("=")[1]);
        }
        comesBack(page);
        return page;
    }

    /** Opens the page anew, as after something was entered elsewhere. */
    static void comesBack(Page page) {
        page.reload();
        new Bench(page).title().waitFor();
        new Bench(page).seesJudgement();
    }

    /** What another view or another person puts on record. */
    void states(Page page, String topic, String value) {
        clock.pass(5);
        Object refused = page.evaluate(
                """
                async ([topic, value, at]) => (await fetch('/api/cases/' + location.hash.split('/')[2] + '/statements/'
                        + crypto.randomUUID(), {
                    method: 'PUT',
                    headers: { 'Content-Type': 'application/json' },
                    body: JSON.stringify({ topic, value, note: '', by: 'test', saidAtMs: at })
                }).then(r => r.ok ? "" : r.text()))""", List.of(topic, value, (double) clock.instant().toEpochMilli()));
        assertThat(refused).isEqualTo("");
    }

    /** Leads of the technician's own choice, one reading. */
    void reads(Page page, String red, String black, String condition, String typed) {
        places(page, red, black, condition);
        types(page, typed);
    }

    /** The same with the clamp's number. */
    void reads(Page page, String red, String black, String condition, String typed, int amps) {
        places(page, red, black, condition);
        page.locator("#amps").fill(String.valueOf(amps));
        types(page, typed);
    }

    private static void places(Page page, String red, String black, String condition) {
        page.locator("#condition").selectOption(condition);
        Locator first = page.getByLabel("Red on");
        if (!first.isVisible()) {
            page.locator("details:has(label) > summary")
                    .filter(new Locator.FilterOptions().setHasText(Pattern.compile("other point|something else")))
                    .click();
        }
        page.getByLabel("Red on").selectOption(red);
        page.getByLabel("Black on").selectOption(black);
    }

    /** Types what the meter shows at the leads that stand there, and saves it. */
    void types(Page page, String typed) {
        Bench bench = new Bench(page);
        int before = bench.readings().count();
        clock.pass(20);
        page.evaluate("document.activeElement.blur()");
        page.keyboard().type(typed);
        page.keyboard().press("Enter");
        bench.seesReadings(before + 1);
    }

    /** The question about what was just typed is answered by its letter. */
    static void isAskedAndAnswers(Page page, String question, String answer) {
        assertThat(page.locator("#slip-title")).containsText(question);
        Locator choice = page.locator(".question .key").filter(new Locator.FilterOptions().setHasText(answer));
        page.keyboard().press(choice.locator("kbd").textContent());
        assertThat(page.locator("#slip-title")).hasCount(0);
    }

    static Locator region(Page page, String name) {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName(name));
    }

    static void nothingIsAccused(Page page) {
        assertThat(standings(page)).doesNotContainValue("FAULTY").doesNotContainValue("SUSPECT");
    }

    /** The step says so, one tap ends it, and it says what the customer is told. */
    static void ends(Page page, String title) {
        page.keyboard().press("n");
        new Bench(page).seesTitle("^" + title);
        assertThat(page.locator(".ending")).containsText("For the customer");
        assertThat(page.locator(".ending")).containsText("Safe to drive");
        tap(page, "End the job");
        assertThat(page.locator(".next h1").getByText(title)).isVisible();
    }
}

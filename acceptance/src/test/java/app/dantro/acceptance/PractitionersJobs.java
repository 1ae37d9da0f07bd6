package app.dantro.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;

/** Jobs as practitioners do them: own order, own leads, a meter's digits, mostly without a clamp, to their end. */
abstract class PractitionersJobs extends FollowedVehicles {
    static final String PLUS = "post-plus";
    static final String MINUS = "post-minus";
    static final String CASE = "alternator-case";
    static final String LOADED = "RAISED_LOADED";

    /** What a mended charging side shows, by the step that asks for it. */
    private static final Map<String, String> MENDED = Map.of(
            "Base voltage", "12.6",
            "at idle", "14.2",
            "Regulated", "14.3",
            "Loaded voltage", "14.0",
            "own voltage", "14.2",
            "Whole supply", "0.14",
            "Whole return", "0.05",
            "Retest across", "0.01",
            "Alternator B\\+ stud to alternator case", "14.2");

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

    /** Belt, lamp and ripple say of a new machine what its volts do not. */
    void theNewUnitIsSeenAtWork(Page page) {
        states(page, "BELT_DRIVES", "YES");
        states(page, "LAMP", "OUT");
        states(page, "RIPPLE_LOADED", "0.04");
        comesBack(page);
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

    /** The named part is repaired, what is asked for then shows it mended, and it charges as it should. */
    void isRepairedAndVerified(Page page, String part) {
        page.keyboard().press("n");
        new Bench(page).seesTitle("Repair the " + part);
        repair(page);
        takes(page, "^Does it charge");
        answers(page, "Yes, it charges");
        takes(page, "^Verified");
    }

    /** Takes what the steps ask for, as a mended vehicle shows it, until a title is seen. */
    void takes(Page page, String until) {
        takes(page, until, MENDED);
    }

    /** The same of another vehicle. @param shows what its meter shows, by a piece of the step's title */
    void takes(Page page, String until, Map<String, String> shows) {
        Bench bench = new Bench(page);
        for (int i = 0; i < MOST_STEPS; i++) {
            String title = bench.title().textContent();
            if (Pattern.compile(until).matcher(title).find()) {
                return;
            }
            types(
                    page,
                    shows.entrySet().stream()
                            .filter(e ->
                                    Pattern.compile(e.getKey()).matcher(title).find())
                            .findFirst()
                            .orElseThrow(() -> new AssertionError("Nobody knows what (%s) shows".formatted(title)))
                            .getValue());
        }
        throw new AssertionError("It goes on with (%s)".formatted(bench.title().textContent()));
    }
}

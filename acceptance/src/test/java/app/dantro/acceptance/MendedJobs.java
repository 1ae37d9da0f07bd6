package app.dantro.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import java.util.Map;
import java.util.regex.Pattern;

/** Jobs past their repair: what a mended vehicle shows, by the steps that ask for it, up to its own test. */
abstract class MendedJobs extends PractitionersJobs {
    /** What a mended charging side shows, by the step that asks for it. */
    private static final Map<String, String> MENDED = Map.of(
            "Base voltage", "12.6",
            "at idle", "14.2",
            "Regulated", "14.3",
            "Loaded voltage", "14.0",
            "own voltage", "14.2",
            "Whole supply", "0.14",
            "Whole return", "0.05",
            "^Battery − post to alternator case", "0.05",
            "Retest across", "0.01",
            "Alternator B\\+ stud to alternator case", "14.2");

    /** Belt, lamp and ripple say of a new machine what its volts do not. */
    void theNewUnitIsSeenAtWork(Page page) {
        states(page, "BELT_DRIVES", "YES");
        states(page, "LAMP", "OUT");
        states(page, "RIPPLE_LOADED", "0.04");
        comesBack(page);
    }

    /** What a verdict would hang on alone is asked for a second time. */
    void isReadOnceMore(Page page, String title, String typed) {
        page.keyboard().press("n");
        new Bench(page).seesTitle(title);
        types(page, typed);
    }

    /** The named part is repaired, what is asked for then shows it mended, and it charges as it should. */
    void isRepairedAndVerified(Page page, String part) {
        page.keyboard().press("n");
        new Bench(page).seesTitle("Repair the " + part);
        repair(page);
        takes(page, "^Does it charge");
        answers(page, "Yes, it charges");
        takes(page, "^Verified");
        assertThat(page.locator(".says h2")).not().containsText("Nothing is proven yet");
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

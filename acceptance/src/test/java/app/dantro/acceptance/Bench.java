package app.dantro.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.regex.Pattern;

/** What a technician sees and does on the workbench, in words. */
final class Bench {
    static final String VAN = "Tamblin 14 box van";

    private final Page page;

    Bench(Page page) {
        this.page = page;
    }

    Locator title() {
        return page.locator(".next h1");
    }

    Locator entry() {
        return page.locator(".entry");
    }

    Locator readings() {
        return page.locator("section[aria-label='Readings so far'] li");
    }

    void seesTitle(String pattern) {
        assertThat(title()).hasText(Pattern.compile(pattern));
    }

    void seesReadings(int count) {
        assertThat(readings()).hasCount(count);
    }

    /** The circuit is worked out: what is proposed from here on is the judgement's. */
    void seesJudgement() {
        assertThat(page.locator(".says[data-judged=true]")).isVisible();
    }

    /** The simulated meter never errs: what it showed is answered as read, by the letter of that answer. */
    void saysItIsAsRead() {
        if (page.locator("#slip-title").count() == 0) {
            return;
        }
        String path = page.url().replaceAll("#/case/([^/]+).*", "api/cases/$1");
        Object index = page.evaluate("""
                async (path) => {
                    const view = await (await fetch(path)).json();
                    const asked = view.readings.find((r) => r.state === 'ASKED');
                    return asked.slip.choices.findIndex((c) => c.answer === 'AS_READ');
                }""", path);
        page.keyboard().press(String.valueOf((char) ('a' + ((Number) index).intValue())));
        assertThat(page.locator("#slip-title")).hasCount(0);
    }

    /** The simulated meter's display for the points asked for; a technician would read it off. */
    Display display() {
        String path = page.url().replaceAll("#/case/([^/]+).*", "api/cases/$1");
        Object answer = page.evaluate("""
                async (path) => {
                    const view = await (await fetch(path)).json();
                    const { red, black, condition } = view.next.probe;
                    const query = new URLSearchParams({ red: red.id, black: black.id, condition });
                    const shown = await (await fetch(path + '/simulated-meter?' + query)).json();
                    return shown.typed + ';' + (shown.amps ?? '');
                }""", path);
        String[] parts = answer.toString().split(";", -1);
        return new Display(parts[0], parts[1]);
    }

    record Display(String volts, String amps) {}
}

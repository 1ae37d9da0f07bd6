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

    /** The simulated meter's display for the points asked for; a technician would read it off. */
    Display display() {
        String path = page.url().replaceAll("#/case/([^/]+).*", "api/cases/$1");
        String red = page.locator(".point.red").getAttribute("title");
        String black = page.locator(".point.black").getAttribute("title");
        Object answer = page.evaluate("""
                async ([path, red, black]) => {
                    const view = await (await fetch(path)).json();
                    const points = [...view.profile.supply.points, ...view.profile.returns.points];
                    const id = (name) => points.find((p) => p.name === name).id;
                    const condition = view.next.probe.condition;
                    const query = new URLSearchParams({ red: id(red), black: id(black), condition });
                    const shown = await (await fetch(path + '/simulated-meter?' + query)).json();
                    return shown.typed + ';' + (shown.amps ?? '');
                }""", java.util.List.of(path, red, black));
        String[] parts = answer.toString().split(";", -1);
        return new Display(parts[0], parts[1]);
    }

    record Display(String volts, String amps) {}
}

package app.dantro.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** What every page must be: readable by the rules, its targets large enough, nothing beside the screen. */
final class PageChecks {
    private static final Path AXE = Path.of(System.getProperty("dantro.root"), "ui/node_modules/axe-core/axe.min.js");

    private static final String RUN_AXE = """
            async () => {
                const result = await axe.run(document, {
                    runOnly: { type: 'tag', values: ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'] },
                    rules: { 'color-contrast-enhanced': { enabled: true } }
                });
                return result.violations.flatMap((v) => v.nodes.map((n) => v.id + ': ' + n.target + ' ' + n.failureSummary));
            }""";

    private static final String SMALL_TARGETS = """
            () => [...document.querySelectorAll('button, select, header a, main a, summary, label.key')]
                .filter((e) => e.checkVisibility() && !e.closest('p') && !e.matches('.point'))
                .map((e) => [e, e.getBoundingClientRect()])
                .filter(([e, r]) => (r.height < 47.5 || r.width < 47.5) && !e.matches('select') && r.width > 0)
                .map(([e, r]) => (e.ariaLabel ?? e.textContent.trim()) + ' ' + r.width + ' × ' + r.height)""";

    /** What stands on top of something else. */
    private static final String OVERLAPS = """
            () => {
                const all = [...document.querySelectorAll('a, button, select, input, summary, h1, h2, header b')]
                    .filter((e) => e.checkVisibility() && !e.closest('.point, dialog, .skip'))
                    .map((e) => [e, e.getBoundingClientRect()])
                    .filter(([e, r]) => r.width > 0);
                const name = (e) => e.tagName + ' ' + (e.ariaLabel ?? e.textContent.trim()).slice(0, 30);
                return all.flatMap(([e, r], i) => all.slice(i + 1)
                    .filter(([f, s]) => !e.contains(f) && !f.contains(e)
                        && Math.min(r.right, s.right) - Math.max(r.left, s.left) > 3
                        && Math.min(r.bottom, s.bottom) - Math.max(r.top, s.top) > 3)
                    .map(([f]) => name(e) + ' on ' + name(f)));
            }""";

    /** Words that are cut off with nothing that says them in full. */
    private static final String CUT_OFF = """
            () => [...document.querySelectorAll('body *')]
                .filter((e) => e.checkVisibility() && e.childElementCount === 0 && e.textContent.trim() !== ''
                    && !e.closest('.sr-only, [title], svg, select')
                    && ['hidden', 'clip'].includes(getComputedStyle(e).overflowX)
                    && e.scrollWidth > e.clientWidth + 1)
                .map((e) => e.className + ' ' + e.textContent.trim())""";

    /** A choice whose words do not fit beside its arrow. */
    private static final String CUT_CHOICES = """
            () => [...document.querySelectorAll('#condition, #statistic, #range')]
                .filter((e) => e.checkVisibility() && e.selectedOptions.length > 0)
                .flatMap((e) => {
                    const words = document.createElement('span');
                    words.style.cssText = 'position:absolute;visibility:hidden;white-space:pre';
                    words.style.font = getComputedStyle(e).font;
                    words.textContent = e.selectedOptions[0].textContent;
                    document.body.append(words);
                    const width = words.getBoundingClientRect().width;
                    words.remove();
                    return width + 17 > e.clientWidth ? [e.id + ' ' + words.textContent + ' ' + width] : [];
                })""";

    private PageChecks() {}

    static void pass(Page page) throws IOException {
        page.evaluate(Files.readString(AXE));
        assertThat((List<?>) page.evaluate(RUN_AXE)).isEmpty();
        assertThat(misfits(page)).isEmpty();
    }

    /** What lies beside the screen, on top of something else, cut off, or too small for a glove. */
    static List<String> misfits(Page page) {
        List<String> all = new ArrayList<>();
        int beside = (Integer) page.evaluate("document.documentElement.scrollWidth - innerWidth");
        if (beside > 0) {
            all.add(beside + " pixels beside the screen");
        }
        Map.of("small", SMALL_TARGETS, "overlap", OVERLAPS, "cut off", CUT_OFF, "choice cut off", CUT_CHOICES)
                .forEach((what, script) ->
                        ((List<?>) page.evaluate(script)).forEach(found -> all.add(what + ": " + found)));
        return all;
    }
}

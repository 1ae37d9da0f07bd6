package app.dantro.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

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
            () => [...document.querySelectorAll('button, select, main a, summary, label.key')]
                .filter((e) => e.checkVisibility() && !e.closest('p'))
                .map((e) => [e, e.getBoundingClientRect()])
                .filter(([e, r]) => r.height < 47.5 && !e.matches('select') && r.width > 0)
                .map(([e, r]) => (e.ariaLabel ?? e.textContent.trim()) + ' ' + r.height)""";

    private PageChecks() {}

    static void pass(Page page) throws IOException {
        page.evaluate(Files.readString(AXE));
        assertThat((List<?>) page.evaluate(RUN_AXE)).isEmpty();
        assertThat((List<?>) page.evaluate(SMALL_TARGETS)).isEmpty();
        assertThat((Boolean) page.evaluate("document.documentElement.scrollWidth <= innerWidth"))
                .isTrue();
    }
}

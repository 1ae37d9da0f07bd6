package app.dantro.acceptance;

import static app.dantro.acceptance.Bench.VAN;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Contrast, targets and fit of every view, in both themes and both sizes. */
class LookTest {
    private static final List<String> CHARGING =
            List.of("Feed check", "Loaded drops", "Ground tree", "Current and ripple", "Regulation", "Overnight drain");

    /** Views that are not one of a case's tabs. */
    private static final Map<String, String> OF_THEIR_OWN = Map.of(
            "run", "/run",
            "settings", "/settings",
            "pair", "/pair/123456/ID",
            "seat", "/seat/ID",
            "alone", "/case/ID/alone");

    @TempDir
    static Path folder;

    private static Workshop workshop;

    @BeforeAll
    static void open() {
        workshop = Workshop.open(folder);
    }

    @AfterAll
    static void close() {
        assertThat(workshop.mishaps()).isEmpty();
        workshop.close();
    }

    /** Every view at every size and in every theme, by pairs. */
    @ParameterizedTest
    @CsvSource({
        "desk, day, ''",
        "phone, bay, ''",
        "desk, bay, workbench",
        "phone, day, workbench",
        "desk, day, proof",
        "phone, bay, proof",
        "desk, bay, circuit",
        "phone, day, circuit",
        "desk, day, look",
        "phone, bay, look",
        "desk, bay, limits",
        "phone, day, limits",
        "desk, day, run",
        "phone, bay, run",
        "desk, day, settings",
        "phone, day, pair",
        "phone, bay, Feed check",
        "desk, day, Loaded drops",
        "phone, bay, Ground tree",
        "desk, bay, Current and ripple",
        "phone, day, Overnight drain",
        "desk, day, Regulation",
        "phone, day, seat",
        "phone, day, alone"
    })
    void everyViewIsReadableReachableAndFits(String size, String theme, String view) throws Exception {
        look(size, theme, view);
    }

    @Tag("long")
    @ParameterizedTest
    @CsvSource({
        "desk, bay, ''",
        "phone, day, ''",
        "desk, day, workbench",
        "phone, bay, workbench",
        "desk, bay, proof",
        "phone, day, proof",
        "desk, day, circuit",
        "phone, bay, circuit",
        "desk, bay, look",
        "phone, day, look",
        "desk, day, limits",
        "phone, bay, limits",
        "desk, bay, run",
        "phone, day, run",
        "phone, bay, settings",
        "phone, bay, pair",
        "desk, day, Feed check",
        "desk, day, Ground tree",
        "desk, bay, Overnight drain",
        "phone, bay, Loaded drops",
        "phone, day, Current and ripple",
        "phone, bay, Regulation",
        "phone, bay, seat",
        "phone, bay, alone"
    })
    void soItIsInTheOtherPairings(String size, String theme, String view) throws Exception {
        look(size, theme, view);
    }

    private static void look(String size, String theme, String view) throws Exception {
        Page page = size.equals("desk") ? workshop.desk() : workshop.phone();
        if (theme.equals("bay")) {
            page.getByText("Dark bay").click();
        }
        assertThat(page.getByText(VAN)).isVisible();
        if (OF_THEIR_OWN.containsKey(view)) {
            String id = page.locator("a.tile").first().getAttribute("href").replaceAll(".*/", "");
            page.navigate(workshop.base() + "/#" + OF_THEIR_OWN.get(view).replace("ID", id));
            assertThat(page.locator("h1").first()).isVisible();
        } else if (!view.isEmpty()) {
            page.getByText("Hobbing Twin pickup").click();
            assertThat(page.locator(".next h1")).isVisible();
        }
        goTo(page, view);
        PageChecks.pass(page);
    }

    private static void goTo(Page page, String view) {
        if (view.equals("proof")) {
            page.locator("header").getByText("Proof").click();
            assertThat(page.getByText("Faulty or suspect")).isVisible();
        }
        if (view.equals("circuit")) {
            page.locator("header").getByText("Circuit").click();
            assertThat(page.getByText("Starting, supply side")).isVisible();
        }
        if (view.equals("look")) {
            page.locator("header").getByText("Look").click();
            assertThat(page.getByText("0 of 9 seen")).isVisible();
        }
        if (CHARGING.contains(view)) {
            page.keyboard().press("g");
            page.getByText(view, new Page.GetByTextOptions().setExact(true)).click();
            assertThat(page.locator("section.card").first()).isVisible();
        }
        if (view.equals("limits")) {
            page.locator("header").getByText("Limits").click();
            assertThat(page.getByText("Cranking voltage")).isVisible();
        }
    }

    @Test
    void theNextStepAndBothBandsStandOnOneScreen() {
        Page page = workshop.desk();
        page.getByText(VAN).click();
        assertThat(page.locator(".next h1")).isVisible();
        for (String what : List.of(".next .keys", ".band:not(.supply) .plot", ".cautions")) {
            Object bottom = page.locator(what).first().evaluate("e => e.getBoundingClientRect().bottom");
            assertThat(((Number) bottom).doubleValue()).as(what).isLessThanOrEqualTo(800);
        }
    }
}

package app.dantro.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.function.Consumer;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What every view shows while its answer is on its way, when it is refused, and when nobody answers. */
class StatesTest {
    private static final String NOBODY = "00000000-0000-4000-8000-000000000000";
    private static final String REFUSED = "The workshop's disk is full. Nothing that was saved is lost.";
    private static final List<int[]> SIZES = List.of(new int[] {390, 844}, new int[] {844, 390}, new int[] {1280, 800});

    @TempDir
    static Path folder;

    private static Workshop workshop;
    private static Page page;

    @BeforeAll
    static void open() {
        workshop = Workshop.open(folder);
        page = workshop.desk();
    }

    @AfterAll
    static void close() {
        assertThat(workshop.mishaps()).isEmpty();
        workshop.close();
    }

    static List<String> views() throws IOException {
        return LookTest.views().stream().filter(v -> !v.contains(" ")).toList();
    }

    @ParameterizedTest
    @MethodSource("views")
    void everyViewSaysSomethingWhateverBecomesOfItsQuestions(String view) throws IOException {
        open(page, view, StatesTest::never);
        Locator heading = page.locator("main").getByRole(AriaRole.HEADING);
        assertThat(heading.or(page.locator("main [role=timer]")).first()).isVisible();
        fits(page);

        open(page, view, StatesTest::refuse);
        if (asks(view)) {
            assertThat(alert(page)).containsText(REFUSED);
        }
        fits(page);

        open(page, view, Route::abort);
        if (asks(view)) {
            assertThat(alert(page)).containsText("cannot be reached");
        }
        fits(page);
        PageChecks.pass(page);
    }

    @Test
    void anEmptyWorkshopSaysHowToBegin() throws IOException {
        open(page, "/", StatesTest::nothing);
        assertThat(page.getByText("No vehicle in work. Start a case")).isVisible();
        fits(page);
        open(page, "/run", StatesTest::nothing);
        assertThat(page.getByText("No vehicle on the sheet. Add the first one below."))
                .isVisible();
        fits(page);
        PageChecks.pass(page);
    }

    /** A view whose own questions are answered like this; who this device is was answered before. */
    private static void open(Page page, String view, Consumer<Route> answer) {
        page.unrouteAll();
        page.route("**/api/**", answer);
        page.route("**/api/devices/me", Route::resume);
        page.route("**/api/about", Route::resume);
        page.navigate(workshop.base() + "/#"
                + view.replace(":code", "123456").replace("/:caseId?", "").replace(":id", NOBODY));
        page.reload();
    }

    private static void never(Route route) {
        // The server took the question and says nothing.
    }

    private static void refuse(Route route) {
        route.fulfill(new Route.FulfillOptions()
                .setStatus(507)
                .setContentType("application/problem+json")
                .setBody("{\"detail\":\"" + REFUSED + "\",\"code\":\"full\"}"));
    }

    private static void nothing(Route route) {
        route.fulfill(
                new Route.FulfillOptions().setContentType("application/json").setBody("[]"));
    }

    private static Locator alert(Page page) {
        return page.locator("main [role=alert]").first();
    }

    /** True for a view that shows what the server says; the others ask only once something is entered. */
    private static boolean asks(String view) {
        return !view.contains("pair") && !view.contains("seat");
    }

    private static void fits(Page page) {
        for (int[] size : SIZES) {
            page.setViewportSize(size[0], size[1]);
            assertThat(PageChecks.misfits(page))
                    .as("%s at %d × %d", page.url(), size[0], size[1])
                    .isEmpty();
        }
    }
}

package app.dantro.acceptance;

import static app.dantro.acceptance.Bench.VAN;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Contrast, targets and fit of every view, in both themes and at every size. */
class LookTest {
    private static final Path VIEWS = Path.of(System.getProperty("dantro.root"), "ui/src/views.ts");
    private static final List<String> CHARGING = List.of(
            "Feed check",
            "Loaded drops",
            "Grounds and walks",
            "Carbon pile",
            "Current and ripple",
            "Regulation",
            "Overnight drain");
    private static final List<int[]> TOUCHED =
            List.of(new int[] {320, 640}, new int[] {390, 844}, new int[] {844, 390}, new int[] {768, 1024});
    private static final List<int[]> AT_A_DESK = List.of(
            new int[] {640, 800}, new int[] {900, 700}, new int[] {1024, 768}, new int[] {1280, 800}, new int[] {
                2560, 1440
            });
    /** A page lays itself out anew within a few frames. */
    private static final String LAID_OUT =
            "async () => { for (let i = 0; i < 6; i++) await new Promise(requestAnimationFrame); }";

    private static final String LONG_NAME = "Blue box van of the growers' ring, long wheelbase, plate KX12 ABC";

    @TempDir
    static Path folder;

    private static Workshop workshop;
    private static Page phone;
    private static Page desk;
    private static String caseId;

    @BeforeAll
    static void open() {
        workshop = Workshop.open(folder);
        phone = workshop.phone();
        desk = workshop.desk();
    }

    @AfterAll
    static void close() {
        assertThat(workshop.mishaps()).isEmpty();
        workshop.close();
    }

    /** The views' own list: a new view is looked at without a line here. */
    static List<String> views() throws IOException {
        List<String> all = new ArrayList<>();
        Matcher paths = Pattern.compile("path: '([^']+)'").matcher(Files.readString(VIEWS));
        while (paths.find()) {
            all.add(paths.group(1));
        }
        all.remove("*");
        assertThat(all).contains("/", "/case/:id", "/settings");
        CHARGING.forEach(part -> all.add("/case/:id/charging " + part));
        return all;
    }

    @ParameterizedTest
    @MethodSource("views")
    void everyViewIsReadableReachableAndFits(String view) throws Exception {
        boolean odd = views().indexOf(view) % 2 == 1;
        look(view, odd ? "bay" : "day", phone, TOUCHED);
        look(view, odd ? "day" : "bay", desk, AT_A_DESK);
    }

    @Tag("long")
    @ParameterizedTest
    @MethodSource("views")
    void soItIsInTheOtherThemes(String view) throws Exception {
        boolean odd = views().indexOf(view) % 2 == 1;
        look(view, odd ? "day" : "bay", phone, TOUCHED);
        look(view, odd ? "bay" : "day", desk, AT_A_DESK);
    }

    private static void look(String view, String theme, Page page, List<int[]> sizes) throws Exception {
        page.evaluate("t => localStorage.setItem('dantro:theme', t)", theme);
        String[] path = view.split(" ", 2);
        page.navigate(workshop.base() + "/#"
                + path[0].replace(":code", "123456").replace("/:caseId?", "").replace(":id", longNamed()));
        page.reload();
        assertThat(page.locator("main h1, main [role=timer]").first()).isVisible();
        if (path.length > 1) {
            page.getByText(path[1], new Page.GetByTextOptions().setExact(true)).click();
            assertThat(page.locator("section.card").first()).isVisible();
        }
        Map<String, List<String>> misfits = new LinkedHashMap<>();
        for (int[] size : sizes) {
            page.setViewportSize(size[0], size[1]);
            page.evaluate(LAID_OUT);
            List<String> found = PageChecks.misfits(page);
            if (!found.isEmpty()) {
                misfits.put(size[0] + " × " + size[1], found);
            }
        }
        assertThat(misfits).isEmpty();
        PageChecks.pass(page);
    }

    /** A case with a name that fits nowhere, and a few readings. */
    private static String longNamed() throws Exception {
        if (caseId == null) {
            caseId = UUID.randomUUID().toString();
            put("/api/cases/" + caseId, """
                    {"vehicle":"%s","complaint":"charges too little","circuit":"petrol-body-return",
                     "concern":"CHARGING","celsius":20,"by":"b","openedAtMs":1}""".formatted(LONG_NAME));
            for (String reading : List.of(
                    "\"red\":\"post-plus\",\"black\":\"post-minus\",\"condition\":\"REST\",\"typed\":\"12.61\"",
                    "\"red\":\"post-plus\",\"black\":\"post-minus\",\"condition\":\"RAISED_LOADED\",\"typed\":\"12.9\"",
                    "\"red\":\"bplus\",\"black\":\"post-plus\",\"condition\":\"RAISED_LOADED\",\"typed\":\"1.26\"")) {
                put(
                        "/api/cases/" + caseId + "/readings/" + UUID.randomUUID(),
                        "{" + reading
                                + ",\"statistic\":\"SETTLED\",\"source\":\"TYPED\",\"by\":\"b\",\"takenAtMs\":2}");
            }
        }
        return caseId;
    }

    private static void put(String path, String body) throws Exception {
        HttpResponse<String> answer = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(workshop.base() + path))
                                .header("Content-Type", "application/json")
                                .header("Origin", workshop.base())
                                .PUT(HttpRequest.BodyPublishers.ofString(body))
                                .build(),
                        HttpResponse.BodyHandlers.ofString());
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(201);
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

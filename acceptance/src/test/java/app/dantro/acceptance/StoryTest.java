package app.dantro.acceptance;

import static app.dantro.acceptance.Bench.VAN;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The slow-cranking van, from complaint to verified repair, in the real interface. */
class StoryTest {
    private static final int MOST_READINGS = 12;

    @TempDir
    Path folder;

    private Workshop workshop;

    @BeforeEach
    void open() {
        workshop = Workshop.open(folder);
    }

    @AfterEach
    void close() {
        assertThat(workshop.mishaps()).isEmpty();
        workshop.close();
    }

    /** A case from the door, what was looked at first, and what keeps it open until it is put back. */
    @Test
    void whatWasSaidAndSeenGoesWithTheCase() {
        Page page = workshop.desk();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("New case"))
                .click();
        page.getByLabel("Vehicle").fill("Osier cart");
        tap(page, "single click, no crank");
        tap(page, "cold");
        page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("DC clamp at hand"))
                .getByText("no")
                .click();
        tap(page, "Start the case");
        Bench bench = new Bench(page);
        bench.seesTitle("Base voltage at the posts");
        assertThat(page.locator(".next")).containsText("Look first");
        page.keyboard().press("o");
        Locator symptom = group(page, "What it does");
        assertThat(symptom.locator("[aria-pressed=true]")).containsText("one click");
        group(page, "Posts and clamps").getByText("a fault").click();
        tap(page, "It was put right: record it");
        page.getByLabel("Which part").selectOption("lead-joint-clamp");
        tap(page, "Record the repair");
        group(page, "Engine disabled").getByText("done").click();
        assertThat(group(page, "Engine disabled").locator("[aria-pressed=true]"))
                .containsText("done");

        page.keyboard().press("w");
        assertThat(page.locator(".next")).containsText("To put back: Engine disabled for cranking");
        page.locator("#condition").selectOption("CRANKING");
        assertThat(page.locator("#amps")).hasAttribute("placeholder", "no clamp at hand");
        page.keyboard().press("Escape");
        page.keyboard().press("t");
        Page other = workshop.desk();
        other.navigate(page.url());
        assertThat(other.locator("[role=timer]")).containsText("Cranking");
        tap(other, "Stop");
        assertThat(page.locator("[role=timer]")).containsText("Let the starter cool");

        page.keyboard().press("o");
        group(page, "Engine disabled").getByText("restored").click();
        page.getByLabel("Closed without the complaint's test, because").fill("the owner took it away");
        page.keyboard().press("Enter");
        page.getByText("To the workbench").click();
        bench.seesTitle("Closed, not verified");
        page.locator("header").getByText("Proof").click();
        assertThat(page.getByText("Found while looking: Posts and clamps").first())
                .isVisible();
    }

    private static Locator group(Page page, String name) {
        return page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName(name));
    }

    private static void tap(Page page, String words) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(words).setExact(true))
                .click();
    }

    @Test
    void byKeyboardAlone() {
        Page page = workshop.desk();
        Bench bench = new Bench(page);
        tabTo(page, page.locator("a.tile").filter(new Locator.FilterOptions().setHasText(VAN)));
        page.keyboard().press("Enter");

        bench.seesTitle("Base voltage at the posts");
        bench.seesJudgement();
        typeReading(page, bench);
        assertThat(page.locator(".suspects li").first()).isVisible();
        assertThat(page.locator(".outcomes")).containsText("it is");
        int taken = 1;
        while (!bench.title().textContent().startsWith("Repair") && taken++ < MOST_READINGS) {
            typeReading(page, bench);
        }
        bench.seesTitle("Repair the strap end on the block");
        assertThat(page.locator(".repair")).containsText(Pattern.compile("(1[89]|2[0-4])(\\.\\d)? mΩ"));
        assertThat(page.locator(".repair")).containsText("with the strap end on the block as good as new");

        page.keyboard().press("p");
        Locator strapEnd = page.locator("[data-part='strap-end-block']");
        assertThat(strapEnd).hasAttribute("data-standing", "FAULTY");
        assertThat(strapEnd).containsText("nearly certain");
        assertThat(page.locator("[data-part='starter']")).hasAttribute("data-standing", "NOT_PROVEN");
        page.keyboard().press("w");

        tabTo(page, page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Record the repair")));
        page.keyboard().press("Enter");
        bench.seesTitle("Retest across the strap end on the block");
        assertThat(bench.readings().locator("text=before the repair").first()).isVisible();
        for (int i = 0; i < 5 && bench.title().textContent().matches("Retest.*|Battery.*|Whole.*"); i++) {
            typeReading(page, bench);
        }
        bench.seesTitle("Does it crank and start as it should");
        tabTo(page, page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Yes, it cranks and starts")));
        page.keyboard().press("Enter");
        bench.seesTitle("Verified");

        workshop.restart();
        page.navigate(workshop.base());
        assertThat(page.locator("a.tile").filter(new Locator.FilterOptions().setHasText(VAN)))
                .containsText("Verified");
    }

    @Test
    void atPhoneSizeByTouch() {
        Page page = workshop.phone();
        Bench bench = new Bench(page);
        page.locator("a.tile")
                .filter(new Locator.FilterOptions().setHasText(VAN))
                .tap();
        bench.seesTitle("Base voltage");
        bench.seesJudgement();
        for (char key : bench.display().volts().toCharArray()) {
            page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Keypad"))
                    .getByText(String.valueOf(key), new Locator.GetByTextOptions().setExact(true))
                    .tap();
        }
        isOnScreen(page, page.getByText("Save", new Page.GetByTextOptions().setExact(true)));
        page.getByText("Save", new Page.GetByTextOptions().setExact(true)).tap();
        bench.seesReadings(1);
        int taken = 1;
        while (!bench.title().textContent().startsWith("Repair") && taken < MOST_READINGS) {
            tapReading(page, bench, ++taken);
        }
        bench.seesTitle("Repair the strap end on the block");
        page.getByText("Replaced").tap();
        page.getByText("Record the repair").tap();
        bench.seesTitle("Retest across");
        while (!bench.title().textContent().startsWith("Does it crank") && taken < MOST_READINGS + 5) {
            tapReading(page, bench, ++taken);
        }
        page.getByText("Yes, it cranks and starts").tap();
        bench.seesTitle("Verified");
        page.getByText("See the proof").tap();
        assertThat(page.locator("[data-part='strap-end-block']")).hasAttribute("data-standing", "CLEARED");
        assertThat(page.getByText("Complaint's own test: passed")).isVisible();
        assertThat(page.locator(".foretold")).containsText("measured");
        fitsAcross(page);
    }

    @Test
    void aSlipIsCaughtAReadingStruckAndThePageReloadedInMidEntry() {
        Page page = workshop.desk();
        Bench bench = new Bench(page);
        page.getByText(VAN).click();
        bench.seesTitle("Base voltage");
        page.keyboard().type("126");
        assertThat(bench.entry()).containsText("saves 126 V");
        page.keyboard().press("Enter");
        Locator question = page.getByRole(AriaRole.ALERTDIALOG);
        assertThat(question).containsText("does not fit a 12 V battery");
        page.reload();
        assertThat(question).containsText("You typed 126");
        page.keyboard().press("1");
        bench.seesReadings(1);
        assertThat(bench.readings().first()).containsText("12.6 V");
        assertThat(bench.readings().first()).containsText("typed 126");

        place(page, bench, "battery + post", "battery − post");
        page.keyboard().type("11.4");
        page.keyboard().press("a");
        page.keyboard().type("165");
        page.keyboard().press("Enter");
        page.reload();
        assertThat(bench.entry()).containsText("11.4");
        assertThat(page.locator("#amps")).hasValue("165");
        page.keyboard().type("5");
        page.keyboard().press("Enter");
        bench.seesReadings(2);
        assertThat(bench.readings().first()).containsText("11.45 V");

        bench.readings().first().getByText("Strike").click();
        page.getByText("Probe slipped").click();
        assertThat(bench.readings().first()).hasAttribute("data-state", "STRUCK");
        assertThat(bench.readings().first()).containsText("struck out: Probe slipped");
        bench.seesReadings(2);
        bench.readings().first().getByText("Restore").click();
        assertThat(bench.readings().first()).hasAttribute("data-state", "COUNTS");

        place(page, bench, "starter case", "battery − post");
        page.locator("#range").selectOption("VOLTS_20");
        page.keyboard().type("0.271");
        page.keyboard().press("Enter");
        assertThat(question).containsText("The 20 V range has a last digit of 10.0 mV, so it cannot show 0.271 V");
        page.keyboard().press("2");
        assertThat(bench.readings().first()).containsText("to be measured again");
    }

    /** Puts the leads on two points of the starting loop, cranking. */
    private static void place(Page page, Bench bench, String red, String black) {
        page.locator("#condition").selectOption("CRANKING");
        page.locator(".point[title='" + red + "']").click();
        page.locator(".point[title='" + black + "']").click();
        assertThat(page.getByText("Back to the plan")).isVisible();
        assertThat(page.locator(".probe")).containsText("Your own choice");
    }

    @Test
    void nothingIsLostOnADeadNetworkAndTheOtherScreenFollows() {
        Page page = workshop.desk();
        Bench bench = new Bench(page);
        page.getByText(VAN).click();
        bench.seesTitle("Base voltage");
        Page other = workshop.phone();
        other.getByText(VAN).tap();
        new Bench(other).seesTitle("Base voltage");

        page.route("**/api/**", route -> {
            if (route.request().method().equals("PUT")) {
                route.abort();
            } else {
                route.resume();
            }
        });
        page.keyboard().type("12.61");
        page.keyboard().press("Enter");
        assertThat(page.getByText("Kept here, sent when Dantro is back")).isVisible();
        page.reload();
        assertThat(page.getByText("Kept here, sent when Dantro is back: 12.61")).isVisible();
        page.unroute("**/api/**");
        bench.seesReadings(1);
        new Bench(other).seesReadings(1);
    }

    @Test
    void aNewCaseStartsFromTheBayAndItsPointsCanBeChosenFreely() {
        Page page = workshop.desk();
        Bench bench = new Bench(page);
        assertThat(page.getByText("New case")).isVisible();
        page.keyboard().press("n");
        page.locator("input[name=vehicle]").fill("Heron 7 minibus");
        page.getByText("nothing happens at the key").click();
        page.locator("select[name=circuit]").selectOption("petrol-body-return");
        page.locator("input[name=celsius]").fill("-4");
        page.keyboard().press("Enter");
        bench.seesTitle("Base voltage");
        assertThat(page.getByText("Heron 7 minibus")).isVisible();
        assertThat(page.getByText("Simulated meter")).hasCount(0);
        page.locator("#condition").selectOption("CRANKING");
        page.locator(".point[title='engine block']").click();
        page.locator(".point[title='body']").click();
        bench.seesTitle("Engine block to body");
        assertThat(page.locator(".outcomes")).containsText("the fault is between them");
        page.locator(".point[title='body']").click();
        assertThat(page.getByText("Red is on the body. Now tap where black goes."))
                .isVisible();
        page.keyboard().type("0.1");
        page.keyboard().press("Enter");
        bench.seesReadings(0);
        page.getByText("Back to the plan").click();
        bench.seesTitle("Base voltage");

        page.locator("header").getByText("Proof").click();
        page.getByText("Set this case aside").click();
        assertThat(page.getByText("This case is set aside.")).isVisible();
        page.getByText("Dantro", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(page.getByText("1 set aside")).isVisible();
    }

    private static void typeReading(Page page, Bench bench) {
        int before = bench.readings().count();
        Bench.Display display = bench.display();
        if (!display.amps().isEmpty() && page.locator("#amps").isEnabled()) {
            page.keyboard().press("a");
            page.keyboard().press("Control+a");
            page.keyboard().type(display.amps());
            page.keyboard().press("Enter");
        }
        page.keyboard().type(display.volts());
        page.keyboard().press("Enter");
        bench.seesReadings(before + 1);
    }

    private static void tapReading(Page page, Bench bench, int count) {
        fitsAcross(page);
        page.getByText("Simulated meter").tap();
        Locator save = page.getByText("Save", new Page.GetByTextOptions().setExact(true));
        assertThat(save).isEnabled();
        isOnScreen(page, save);
        save.tap();
        bench.seesReadings(count);
    }

    private static void tabTo(Page page, Locator target) {
        assertThat(target).isVisible();
        for (int i = 0; i < 80; i++) {
            if ((Boolean) target.evaluate("e => e === document.activeElement")) {
                return;
            }
            page.keyboard().press("Tab");
        }
        throw new AssertionError("80 times Tab did not reach " + target);
    }

    private static void isOnScreen(Page page, Locator what) {
        assertThat((Boolean) what.evaluate(
                        "e => { const r = e.getBoundingClientRect(); return r.top >= 0 && r.bottom <= innerHeight; }"))
                .as("visible without scrolling")
                .isTrue();
    }

    private static void fitsAcross(Page page) {
        assertThat((Boolean) page.evaluate("document.documentElement.scrollWidth <= innerWidth"))
                .as("no horizontal scrolling")
                .isTrue();
    }
}

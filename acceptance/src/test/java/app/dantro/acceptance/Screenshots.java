package app.dantro.acceptance;

import static app.dantro.acceptance.Bench.VAN;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;

/** Takes the pictures of docs/screenshots from the demo data; how to run it is in docs/develop.md. */
public final class Screenshots {
    static final int MOST_READINGS = 9;
    private static final int LEAST_CHARACTERS = 20;
    private static final int RUN_READINGS = 3;
    /** The van's yearly checks, which are good once they are judged. */
    private static final int CHECKS = 5;

    private static final double JUDGED_MILLIS = 120_000;
    private final Path target;

    private Screenshots(Path target) {
        this.target = target;
    }

    public static void main(String[] args) throws Exception {
        Screenshots screenshots = new Screenshots(Path.of(System.getProperty("dantro.root"), "docs", "screenshots"));
        try (Workshop workshop = withYears()) {
            screenshots.desk(workshop.desk());
        }
        try (Workshop workshop = Workshop.open(Files.createTempDirectory("dantro-shots"))) {
            screenshots.phone(workshop.phone());
        }
        try (Workshop workshop = Workshop.open(Files.createTempDirectory("dantro-shots"))) {
            screenshots.crank(workshop);
            screenshots.charging(workshop.desk());
            new SoundVehiclePictures(screenshots, workshop).take();
        }
        System.exit(0);
    }

    private static Workshop withYears() throws IOException {
        return Workshop.open(Files.createTempDirectory("dantro-shots"), Clock.systemUTC(), Workshop.YEARS + "true");
    }

    private void desk(Page page) {
        page.locator("a.tile").first().waitFor();
        shoot(page, "bay");
        memory(page);
        page.getByText("Pipkin 250 quad").click();
        new Bench(page).title().waitFor();
        follow(page, 2);
        page.locator(".point[title='rectifier-regulator ground ring']").waitFor();
        page.locator("header").getByText("Circuit").click();
        page.getByText("Starting, supply side").first().waitFor();
        shoot(page, "circuit");
        page.locator("nav").getByText("Bay").click();
        page.getByText(VAN).click();
        look(page);
        follow(page, 4 + MOST_READINGS);
        page.locator("header").getByText("Limits").click();
        page.getByText("Base voltage").first().waitFor();
        shoot(page, "limits");
        page.locator("header").getByText("Workbench").click();
        shoot(page, "workbench-found");
        page.locator("header").getByText("Proof").click();
        shoot(page, "proof");
    }

    /** A crank ordered from the wing, as both screens show it. */
    private void crank(Workshop workshop) {
        Page wing = workshop.desk();
        wing.getByText("New case").click();
        wing.getByLabel("Vehicle").fill("Osier cart");
        shootHere(wing, "intake");
        wing.keyboard().press("Escape");
        wing.getByText(VAN).click();
        follow(wing, 1);
        wing.locator("#condition").selectOption("CRANKING");
        for (String[] typed : new String[][] {{"10.38", "SETTLED"}, {"10.41", "SETTLED"}, {"8.9", "MINIMUM"}}) {
            int before = new Bench(wing).readings().count();
            wing.locator("#condition").selectOption("CRANKING");
            wing.locator("#statistic").selectOption(typed[1]);
            wing.keyboard().press("Escape");
            wing.locator("#statistic").blur();
            wing.keyboard().type(typed[0]);
            wing.keyboard().press("Enter");
            new Bench(wing).seesReadings(before + 1);
        }
        wing.locator("#condition").selectOption("CRANKING");
        Page seat = workshop.phone();
        seat.navigate(workshop.base() + "/#/seat/" + wing.url().replaceAll(".*/case/", ""));
        seat.getByText("I am in the seat").click();
        wing.getByText("Crank 5 s").click();
        seat.getByText("Cranking now").click();
        seat.getByText("I stopped").waitFor();
        wing.getByText("CRANK: answered").waitFor();
        shoot(wing, "cranking");
        shoot(seat, "seat");
    }

    /** The log, and the years of the van. */
    private void memory(Page page) {
        page.locator("header").getByText("Log").click();
        page.locator("a.line").nth(3).waitFor();
        page.getByLabel("Search").fill("tamblin");
        page.waitForCondition(
                () -> page.locator("article .stage:text-is('Good')").count() == CHECKS
                        && page.locator("article:not(:has-text('Tamblin'))").count() == 0,
                new Page.WaitForConditionOptions().setTimeout(JUDGED_MILLIS));
        shoot(page, "log");
        page.getByText("Tamblin 14 box van").first().click();
        page.locator("figure").first().waitFor();
        shoot(page, "vehicle");
        page.locator("header").getByText("Due").click();
        page.getByText("Overdue").waitFor();
        shoot(page, "due");
        page.locator("header").getByText("Log").click();
        page.getByText("Shop figures").click();
        page.getByLabel("Simulated ones too", new Page.GetByLabelOptions().setExact(false))
                .check();
        page.getByText("Month by month").waitFor();
        shoot(page, "shop-figures");
        page.locator("nav").getByText("Bay").click();
        page.locator("a.tile").first().waitFor();
    }

    /** A vehicle that came for a check and ends as good. */
    private void charging(Page page) {
        page.getByText("Marrow loader").click();
        follow(page, MOST_READINGS);
        page.getByText("Suspect: the alternator").first().waitFor();
        page.locator("header").getByText("Proof").click();
        page.getByText("This would decide").first().waitFor();
        shoot(page, "gate");
        chargingParts(page);
        page.locator("nav").getByText("Bay").click();
        page.getByText("Run sheet").click();
        page.locator("tbody tr").first().waitFor();
        for (int i = 0; i < RUN_READINGS && page.getByText("Simulated meter").isVisible(); i++) {
            String due = page.locator("form").first().textContent();
            page.getByText("Simulated meter").click();
            page.getByText("Save", new Page.GetByTextOptions().setExact(true)).click();
            page.waitForCondition(
                    () -> !page.locator("form").first().textContent().equals(due));
        }
        shoot(page, "run-sheet");
    }

    /** The parts of the charging side, with what was read and stated so far. */
    private void chargingParts(Page page) {
        page.locator("header").getByText("Workbench").click();
        page.getByText("Feed, loads, grounds").click();
        page.getByText("it must light").first().waitFor();
        page.getByLabel("Ignition feed or exciter pin, key on, V").fill("12.5");
        page.keyboard().press("Enter");
        OpenWorkshop.tap(page, "lights");
        shoot(page, "feed-check");
    }

    static void part(Page page, String words) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(words).setExact(true))
                .click();
        page.locator("section.card").first().waitFor();
    }

    private void look(Page page) {
        page.locator("header").getByText("Look").click();
        state(page, "Posts and clamps", "good");
        state(page, "Ground straps", "not seen");
        state(page, "What it does", "cranks slowly");
        state(page, "Engine disabled", "done");
        shoot(page, "look");
        state(page, "Engine disabled", "restored");
        page.locator("header").getByText("Workbench").click();
    }

    private static void state(Page page, String topic, String value) {
        page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName(topic))
                .getByText(value)
                .first()
                .click();
    }

    private void phone(Page page) {
        page.getByText(VAN).tap();
        follow(page, 4);
        page.getByText("Simulated meter").tap();
        page.getByText("simulated", new Page.GetByTextOptions().setExact(false))
                .first()
                .waitFor();
        shoot(page, "phone-workbench");
    }

    /** Takes readings until they are used up or the program asks for something else. */
    static void follow(Page page, int readings) {
        Bench bench = new Bench(page);
        bench.title().waitFor();
        bench.seesJudgement();
        for (int i = 0; i < readings && page.getByText("Simulated meter").isVisible(); i++) {
            int before = bench.readings().count();
            page.getByText("Simulated meter").click();
            page.getByText("Save", new Page.GetByTextOptions().setExact(true)).click();
            bench.seesReadings(before + 1);
        }
    }

    /** Where the page stands, a dialog or a section further down. */
    private void shootHere(Page page, String name) {
        page.waitForTimeout(400);
        stands(page, name);
        page.screenshot(new Page.ScreenshotOptions().setPath(target.resolve(name + ".png")));
    }

    void shoot(Page page, String name) {
        page.mouse().move(1, 1);
        page.evaluate("() => { document.activeElement?.blur(); window.scrollTo(0, 0); }");
        page.waitForLoadState();
        page.waitForTimeout(400);
        stands(page, name);
        page.screenshot(new Page.ScreenshotOptions().setPath(target.resolve(name + ".png")));
    }

    /** A picture of nothing is no picture: the view has its title, something below it, and nothing that still opens. */
    private static void stands(Page page, String name) {
        page.locator("main h1, main [role=timer]").first().waitFor();
        Object waiting = page.evaluate("() => [...document.querySelectorAll('main [role=status]')]"
                + ".map((e) => e.textContent.trim()).find((t) => /^(Opening|Working out the sheet)/.test(t)) ?? null");
        if (waiting != null || page.locator("main").innerText().strip().length() < LEAST_CHARACTERS) {
            throw new IllegalStateException("The picture %s would show nothing: %s".formatted(name, waiting));
        }
    }
}

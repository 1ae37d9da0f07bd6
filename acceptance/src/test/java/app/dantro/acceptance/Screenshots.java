package app.dantro.acceptance;

import static app.dantro.acceptance.Bench.VAN;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Files;
import java.nio.file.Path;

/** Takes the pictures of docs/screenshots from the demo data; how to run it is in docs/develop.md. */
public final class Screenshots {
    private static final int MOST_READINGS = 9;

    private final Path target;

    private Screenshots(Path target) {
        this.target = target;
    }

    public static void main(String[] args) throws Exception {
        Screenshots screenshots = new Screenshots(Path.of(System.getProperty("dantro.root"), "docs", "screenshots"));
        try (Workshop workshop = Workshop.open(Files.createTempDirectory("dantro-shots"))) {
            screenshots.desk(workshop.desk());
        }
        try (Workshop workshop = Workshop.open(Files.createTempDirectory("dantro-shots"))) {
            screenshots.phone(workshop.phone());
        }
        System.exit(0);
    }

    private void desk(Page page) {
        shoot(page, "bay");
        page.getByText("Pipkin 250 quad").click();
        new Bench(page).title().waitFor();
        follow(page, 2);
        page.locator(".point[title='rectifier-regulator ground ring']").waitFor();
        shoot(page, "workbench-charging");
        page.locator("header").getByText("Circuit").click();
        page.getByText("Starting, supply side").waitFor();
        shoot(page, "circuit");
        page.locator("nav").getByText("Bay").click();
        page.getByText(VAN).click();
        look(page);
        follow(page, 4);
        shoot(page, "workbench-walk");
        follow(page, MOST_READINGS);
        page.locator("header").getByText("Limits").click();
        page.getByText("Base voltage").first().waitFor();
        shoot(page, "limits");
        page.locator("header").getByText("Workbench").click();
        new Bench(page).title().waitFor();
        shoot(page, "workbench-found");
        page.getByText("Dark bay").click();
        shoot(page, "workbench-found-dark");
        page.getByText("Daylight").click();
        page.locator("header").getByText("Proof").click();
        shoot(page, "proof");
        page.locator("header").getByText("Workbench").click();
        page.getByText("Record the repair").click();
        page.getByText("Retest across").waitFor();
        follow(page, MOST_READINGS);
        page.getByText("Yes, it cranks and starts").click();
        page.getByText("See the proof").waitFor();
        shoot(page, "workbench-verified");
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
    private static void follow(Page page, int readings) {
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

    private void shoot(Page page, String name) {
        page.mouse().move(1, 1);
        page.evaluate("() => { document.activeElement?.blur(); window.scrollTo(0, 0); }");
        page.waitForLoadState();
        page.waitForTimeout(400);
        page.screenshot(new Page.ScreenshotOptions().setPath(target.resolve(name + ".png")));
    }
}

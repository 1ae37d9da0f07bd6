package app.dantro.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Two people, dead networks, wrong clocks, odd instruments. */
class TroubleTest {
    private static final String VAN = "Tamblin 14 box van";

    @TempDir
    Path folder;

    private Workshop workshop;

    @BeforeEach
    void open() {
        workshop = Workshop.open(folder);
    }

    @AfterEach
    void close() {
        List<String> mishaps = workshop.mishaps();
        workshop.close();
        assertThat(mishaps).isEmpty();
    }

    @Test
    void aReloadWithoutAConnectionShowsTheCaseAndSendsWhatWasTypedLater() {
        Page page = workshop.desk();
        page.evaluate("navigator.serviceWorker.ready.then(() => 0)");
        page.reload();
        page.getByText(VAN).click();
        Bench bench = new Bench(page);
        bench.seesTitle("Base voltage");
        page.context().setOffline(true);
        page.reload();
        assertThat(page.getByText("No connection. The case as it stood at")).isVisible();
        bench.seesTitle("Base voltage");
        page.keyboard().type("12.62");
        page.keyboard().press("Enter");
        assertThat(page.getByText("Kept here, sent when Dantro is back: 12.62")).isVisible();
        page.context().setOffline(false);
        bench.seesReadings(1);
        assertThat(bench.readings().first()).containsText("12.62 V");
        assertThat(page.getByText("No connection.")).isHidden();
    }

    @Test
    void twoTechniciansOnOneCaseSeeEachOthersReadingsAndLoseNone() {
        Page one = workshop.desk();
        Page two = workshop.phone();
        for (Page page : List.of(one, two)) {
            page.getByText(VAN).first().click();
            new Bench(page).seesTitle("Base voltage");
        }
        two.evaluate("document.querySelector('#condition').value");
        one.keyboard().type("12.60");
        two.keyboard().type("12.61");
        one.keyboard().press("Enter");
        two.keyboard().press("Enter");
        for (Page page : List.of(one, two)) {
            new Bench(page).seesReadings(2);
            for (String volts : List.of("12.60 V", "12.61 V")) {
                assertThat(new Bench(page).readings().filter(new Locator.FilterOptions().setHasText(volts)))
                        .isVisible();
            }
        }
        new Bench(two)
                .readings()
                .filter(new Locator.FilterOptions().setHasText("12.60 V"))
                .getByText("Strike")
                .click();
        two.getByText("Misread").click();
        assertThat(new Bench(one).readings().filter(new Locator.FilterOptions().setHasText("12.60 V")))
                .hasAttribute("data-state", "STRUCK");
    }

    @Test
    void aPhoneWhoseClockIsTwoHoursAheadRecordsByTheWorkshopsClock() {
        Page page = workshop.phone();
        page.addInitScript("{ const own = Date.now; Date.now = () => own() + 7_200_000; }");
        page.reload();
        page.getByText(VAN).first().click();
        new Bench(page).seesTitle("Base voltage");
        page.keyboard().type("12.60");
        page.keyboard().press("Enter");
        new Bench(page).seesReadings(1);
        Object offMinutes = page.evaluate("fetch('/api/cases/' + location.hash.split('/')[2]).then(r => r.json())"
                + ".then(c => (c.readings[0].takenAtMs + 7_200_000 - Date.now()) / 60000)");
        assertThat(Math.abs(((Number) offMinutes).doubleValue())).isLessThan(1);
        page.navigate(workshop.base() + "/#/settings");
        assertThat(page.getByText("This device's clock is 120 min ahead")).isVisible();
    }

    @Test
    void aPictureOfWhatWasFoundStaysWithTheCase() throws IOException {
        Page page = workshop.phone();
        page.getByText(VAN).first().click();
        page.locator("header").getByText("Look").click();
        Locator posts = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Posts and clamps"));
        posts.getByText("a fault").click();
        page.getByLabel("Picture of Posts and clamps").setInputFiles(picture());
        Locator thumbnail = page.getByAltText("Posts and clamps clean, tight, whole, picture 1");
        assertThat(thumbnail).isVisible();
        assertThat((Integer) thumbnail.evaluate("i => i.decode().then(() => i.naturalWidth)"))
                .isEqualTo(1280);
        page.locator("header").getByText("Proof").click();
        assertThat(page.getByLabel("Pictures")).containsText("Posts and clamps");
        page.goBack();
        thumbnail.click();
        page.getByText("Take this picture out").click();
        assertThat(thumbnail).isHidden();
    }

    @Test
    void theCurrentMayComeFromACableAndTheShopMayHaveLimitsOfItsOwn() {
        Page page = workshop.desk();
        page.getByText(VAN).click();
        Bench bench = new Bench(page);
        bench.seesTitle("Base voltage");
        page.locator("#condition").selectOption("CRANKING");
        page.getByLabel("How the current is measured").click();
        page.getByText("The drop of a known cable").click();
        page.getByLabel("Red on one end of it").selectOption("starter-cable");
        page.getByText("Measure like this").click();
        assertThat(page.getByRole(AriaRole.DIALOG)).isHidden();
        page.locator("#amps").fill("70");
        assertThat(page.locator(".bar")).containsText("= 150 A, starter cable");
        page.locator(".point[title='starter case']").click();
        page.locator(".point[title='battery − post']").click();
        page.keyboard().press("Escape");
        page.keyboard().type("0.19");
        page.keyboard().press("Enter");
        bench.seesReadings(1);
        assertThat(bench.readings().first()).containsText("150 A, drop of a known cable: starter cable");

        page.locator("header").getByText("Limits").click();
        Locator own = page.getByLabel("The shop's own sets");
        own.getByLabel("Name").fill("Our box vans");
        own.getByLabel("Return side").fill("0,15");
        own.getByLabel("Source").fill("ten good ones, measured in spring");
        own.getByText("Save as version 1").click();
        assertThat(own).containsText("Our box vans, version 1");
        assertThat(page.getByText("Our box vans, version 1").first()).isVisible();
        assertThat(page.getByLabel("Cranking, whole return side")).containsText("Our box vans, version 1");
    }

    private static FilePayload picture() throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(1600, 1200, BufferedImage.TYPE_INT_RGB), "png", bytes);
        return new FilePayload("clamp.png", "image/png", bytes.toByteArray());
    }
}

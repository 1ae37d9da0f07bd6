package app.dantro.acceptance;

import static app.dantro.acceptance.Bench.VAN;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

/** Pictures, currents of other ways, limits of the shop's own. */
class ShopStoryTest extends OpenWorkshop {
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
    void whatTheShopFoundBeforeIsLeftAsideByOneTapAndStaysSo() {
        Page page = workshop.desk();
        page.locator("header").getByText("Settings").click();
        Locator counts = page.getByLabel("Its own repairs and certified parts count");
        assertThat(counts).isChecked();
        assertThat(page.getByText("imported and simulated cases never are")).isVisible();
        page.waitForResponse("**/api/shop/experience/*", counts::uncheck);
        page.reload();
        assertThat(counts).not().isChecked();
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

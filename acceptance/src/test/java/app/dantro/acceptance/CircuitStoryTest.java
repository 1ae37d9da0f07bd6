package app.dantro.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The circuit behind the readings, as a technician meets it. */
class CircuitStoryTest extends OpenWorkshop {
    @Test
    void aLongerCableShowsItsDropAsItIsTypedAndIsSavedAsANewVersion() {
        Page page = circuitOf("Hobbing Twin pickup");
        Locator cable =
                page.locator("tr").filter(new Locator.FilterOptions().setHasText("starter cable, battery end →"));
        double before = cranking(cable);
        cable.getByLabel("Length of the starter cable in metres").fill("3,6");
        assertThat(page.getByText("1 change not saved.")).isVisible();
        assertThat(page.getByText("fails this healthy circuit").first()).isVisible();
        page.waitForCondition(() -> cranking(cable) > before);
        assertThat(cranking(cable) / before).isBetween(2.8, 3.1);

        page.reload();
        assertThat(page.getByText("1 change not saved.")).isVisible();
        assertThat(cable.getByLabel("Length of the starter cable in metres")).hasValue("3,6");
        Page other = workshop.desk();
        other.navigate(page.url());
        assertThat(other.getByText("version 1")).isVisible();
        page.getByText("Save as version 2").click();
        assertThat(other.getByText("version 2")).isVisible();
        assertThat(page.getByText("version 2")).isVisible();
        assertThat(page.getByText("not saved")).hasCount(0);
        assertThat(cable.getByLabel("Length of the starter cable in metres")).hasValue("3.6");
    }

    @Test
    void aWrongNumberIsNamedAndStaysToBeCorrected() {
        Page page = circuitOf("Marrow loader");
        Locator length =
                page.getByLabel("Length of the starter cable in metres").first();
        length.fill("-2");
        assertThat(page.getByRole(com.microsoft.playwright.options.AriaRole.ALERT))
                .containsText("The conductor's length (-2.0 m) must lie in");
        length.fill("two");
        assertThat(page.getByRole(com.microsoft.playwright.options.AriaRole.ALERT))
                .containsText("\"two\" is not a number");
        assertThat(length).hasValue("two");
        page.getByText("Discard").click();
        assertThat(length).hasValue("3.4");
    }

    @Test
    void theSizerPutsTheNextStandardSizeIntoTheCircuit() {
        Page page = circuitOf("Tamblin 14 box van");
        page.getByLabel("More for the starter cable").first().click();
        page.getByText("Size this cable").first().click();
        page.getByLabel("Length, m").fill("4");
        page.getByLabel("Current, A").fill("160");
        page.getByLabel("Allowed drop, V").fill("0.2");
        // 1.724e-8 · (1 − 0.00393 · 14) · 4 · 160 / 0.2 = 52 mm²
        assertThat(page.getByText("At least")).containsText("52");
        page.getByText("70 mm²", new Page.GetByTextOptions().setExact(true))
                .last()
                .click();
        assertThat(page.getByLabel("Cross-section of the starter cable").first())
                .hasValue(Pattern.compile("0.00007|0.00006999.*"));
        assertThat(page.getByText("1 change not saved.")).isVisible();
    }

    @Test
    void anyTwoPointsOfBothLoopsSayWhatAHealthyVehicleReads() {
        Page page = workshop.desk();
        page.getByText("Marrow loader").click();
        assertThat(page.locator(".next h1")).hasText("Base voltage at the posts");
        assertThat(page.locator(".expected")).containsText(Pattern.compile("A healthy vehicle reads 12\\.\\d+ V"));
        assertThat(page.getByText("left for the battery")).isVisible();
        page.locator("#condition").selectOption("RAISED_LOADED");
        assertThat(page.locator(".expected")).containsText(Pattern.compile("reads 14\\.\\d+ V"));
        assertThat(page.locator(".cautions")).containsText("Never disconnect battery or B+ while the engine runs");
        page.getByText("Any other point").click();
        page.getByLabel("Red on").selectOption("charge-ring");
        page.getByLabel("Black on").selectOption("fuse-in");
        assertThat(page.locator(".next h1")).hasText("From charge cable ring at B+ to large fuse, input");
        assertThat(page.locator(".expected"))
                .containsText(Pattern.compile("reads 0\\.\\d+ V \\(0\\.\\d+ … 0\\.\\d+ V\\)"));
        page.getByText("Starting loop").click();
        assertThat(page.getByText("left for the motor")).isVisible();
    }

    private Page circuitOf(String vehicle) {
        Page page = workshop.desk();
        page.getByText(vehicle).first().click();
        assertThat(page.locator(".next h1")).isVisible();
        page.locator("header").getByText("Circuit").click();
        assertThat(page.getByText("Starting, supply side")).isVisible();
        return page;
    }

    private static double cranking(Locator line) {
        return Double.parseDouble(
                line.locator("td.number b").first().textContent().replace(" V", ""));
    }
}

package app.dantro.acceptance;

import static app.dantro.acceptance.Bench.VAN;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** One technician alone, between wing and seat. */
class AloneTest extends WingAndSeat {
    /** Five fields one after the other; the crank counts down and goes on record like any other. */
    @Test
    void aloneInTheCabinOneFieldFollowsTheOther() {
        Page page = workshop.phone();
        page.getByText(VAN).tap();
        new Bench(page).seesTitle("Base voltage");
        page.clock().install();
        page.navigate(page.url() + "/alone");
        type(page, "12.61");
        type(page, "12.40");
        assertThat(page.locator("h1")).hasText("Cranking");
        tap(page, "Count down, then crank 5 s");
        assertThat(page.locator("h1")).hasText("Hand on the key");
        for (int i = 0; i < 5; i++) {
            page.clock().runFor(1000);
        }
        assertThat(page.locator("h1")).hasText("CRANK");
        for (int i = 0; i < 5; i++) {
            page.clock().runFor(1000);
        }
        assertThat(page.getByText("What does MIN show?")).isVisible();
        type(page, "9.1");
        type(page, "14.1");
        type(page, "14.2");
        assertThat(page.getByText("All of them are in")).isVisible();
        page.getByText("Against the limits").click();
        assertThat(page.getByText("Lowest while cranking")).isVisible();
    }

    private static void type(Page page, String digits) {
        assertThat(page.locator(".alone output")).hasText("–");
        for (char key : digits.toCharArray()) {
            page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Keypad"))
                    .getByText(String.valueOf(key), new Locator.GetByTextOptions().setExact(true))
                    .tap();
        }
        page.getByText("Save", new Page.GetByTextOptions().setExact(true)).tap();
    }
}

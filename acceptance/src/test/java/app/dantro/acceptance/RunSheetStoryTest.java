package app.dantro.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The same few figures over several vehicles in one sitting. */
class RunSheetStoryTest extends FollowedVehicles {
    /**
     * Three vehicles in one sitting, by the keyboard: the cursor goes on by itself, a slip is asked about on the sheet, good
     * ones leave it, and no row moves before somebody sorts.
     */
    @Test
    void aRunSheetOverThreeVehiclesIsTakenByTheKeyboardAndSortedAtTheEnd() {
        Page page = workshop.desk();
        page.getByText("Run sheet").click();
        Locator rows = page.locator("tbody tr");
        assertThat(rows.first()).isVisible();
        for (String name : List.of("Osier cart", "Reed cart", "Sedge cart")) {
            page.getByLabel("Vehicle").fill(name);
            page.getByLabel("Circuit").selectOption("petrol-car");
            tap(page, "Put it on the sheet");
            boolean lossy = name.startsWith("Reed");
            boolean slips = name.startsWith("Sedge");
            for (String volts : List.of("12.62", "14.2", "14.0", lossy ? "14.98" : "14.2")) {
                take(page, name, volts);
            }
            take(page, name, slips ? "1.3" : lossy ? "0.95" : "0.13");
            if (slips) {
                assertThat(page.getByRole(AriaRole.ALERTDIALOG)).containsText("more than the 0.20 V");
                answerByItsLetter(page, "It showed 0.13 V");
            }
            take(page, name, "0.03");
            assertThat(page.locator("form h2")).hasText("Ripple");
            take(page, name, "40 mV");
            Locator taken = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("All taken"));
            if (lossy) {
                assertThat(taken).containsText("To look at: B+ to case, Supply drop, Sum");
            } else {
                assertThat(taken).containsText("All good");
                assertThat(taken.getByRole(AriaRole.BUTTON).first()).isFocused();
                page.keyboard().press("Enter");
                assertThat(rows.filter(new Locator.FilterOptions().setHasText(name)))
                        .hasCount(0);
            }
        }
        assertThat(rows.last()).containsText("Reed cart");
        tap(page, "Sort: conspicuous first");
        assertThat(rows.first()).containsText("Reed cart");
        assertThat(rows.first().locator("td[data-sign=BAD]")).hasCount(3);
    }

    private static void answerByItsLetter(Page page, String words) {
        Locator choice = page.getByRole(AriaRole.BUTTON).filter(new Locator.FilterOptions().setHasText(words));
        page.keyboard().press(choice.locator("kbd").textContent());
    }

    /** Types into the field that has the cursor, and waits for the next. */
    private static void take(Page page, String name, String volts) {
        assertThat(page.locator("form .kicker")).containsText(name);
        String due = page.locator("form h2").textContent();
        assertThat(page.locator("form input").first()).isFocused();
        page.keyboard().type(volts);
        page.keyboard().press("Enter");
        assertThat(page.locator("form h2").filter(new Locator.FilterOptions().setHasText(due)))
                .hasCount(0);
    }
}

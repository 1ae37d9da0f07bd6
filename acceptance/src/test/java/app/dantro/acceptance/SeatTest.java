package app.dantro.acceptance;

import static app.dantro.acceptance.Bench.VAN;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assumptions.assumeThat;

import app.dantro.server.device.Reach;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** A helper in the seat with a second screen, and a technician with nobody there. */
class SeatTest extends WingAndSeat {
    private Page wing() {
        Page wing = workshop.desk();
        wing.getByText(VAN).click();
        new Bench(wing).seesTitle("Base voltage");
        wing.locator("#condition").selectOption("CRANKING");
        return wing;
    }

    /** Time passes, and the seat says since then that it is still there; the first word may have left before. */
    private void pass(Page seat, int seconds) {
        seat.waitForResponse(r -> r.url().contains("/screens/"), () -> clock.pass(seconds));
        seat.waitForResponse(r -> r.url().contains("/screens/"), () -> {});
    }

    @Test
    void theSeatFollowsACrankAndStandsAtStopWhenTheLineBreaks() {
        Page wing = wing();
        Page seat = workshop.phone();
        seat.navigate(workshop.base() + "/#/seat/" + wing.url().replaceAll(".*/case/", ""));
        tap(seat, "I am in the seat");
        Locator word = seat.locator(".seat h1");
        assertThat(word).hasText("STOP");
        Locator line = wing.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Seat"));
        assertThat(line).containsText("A seat joined");

        tap(wing, "Ready");
        assertThat(word).hasText("READY");
        assertThat(wing.getByText("Crank 5 s")).isHidden();
        tap(seat, "I am ready");
        tap(wing, "Crank 5 s");
        assertThat(word).hasText("CRANK");
        assertThat(line).containsText("not answered yet");
        tap(seat, "Cranking now");
        assertThat(line).containsText("CRANK: answered");
        for (int left = 3; left > 0; left -= 2) {
            pass(seat, 2);
            assertThat(seat.locator("[role=timer]")).containsText(Integer.toString(left));
        }
        pass(seat, 2);
        assertThat(word).hasText("STOP");
        assertThat(seat.locator(".seat")).containsText("The time is up");
        assertThat(wing.locator(".timer")).containsText("Let the starter cool");

        tap(wing, "Crank 5 s");
        assertThat(word).hasText("CRANK");
        seat.context().setOffline(true);
        assertThat(seat.locator(".seat")).containsText("Connection lost");
        assertThat(word).hasText("STOP");
        clock.pass(3);
        assertThat(wing.getByText("Call a helper’s phone")).isVisible();
        seat.context().setOffline(false);
        assertThat(line).containsText("A seat joined");
        assertThat(word).hasText("STOP");
        assertThat(seat.locator(".answer")).hasCount(0);
    }

    @Test
    void aPhoneOfTheShopJoinsByItsCodeAsASeatAndNothingElse() {
        assumeThat(Reach.networkAddresses()).as("an address on a network").isNotEmpty();
        String network =
                workshop.base().replace("127.0.0.1", Reach.networkAddresses().get(0));
        Page wing = wing();
        tap(wing, "Call a helper’s phone");
        String code = wing.locator(".code b").textContent();
        assertThat(wing.locator(".code [role=img]"))
                .hasAttribute(
                        "aria-label",
                        "The link " + network + "/#/pair/" + code.replace(" ", "") + "/"
                                + wing.url().replaceAll(".*/case/", ""));

        Page phone = workshop.phoneAt(network);
        assertThat(phone.getByText("Join Dantro")).isVisible();
        assertThat(phone.locator("header")).hasCount(0);
        phone.getByLabel("Code").fill("000000".equals(code.replace(" ", "")) ? "111111" : "000000");
        tap(phone, "Join");
        assertThat(phone.getByRole(AriaRole.ALERT)).containsText("This code does not work");
        phone.getByLabel("Code").fill(code);
        phone.getByLabel("Name").fill("Old phone");
        tap(phone, "Join");
        tap(phone, "I am in the seat");
        assertThat(phone.locator(".seat")).containsText(VAN);
        phone.navigate(network + "/#/");
        phone.reload();
        assertThat(phone.getByText("I am in the seat")).isVisible();

        wing.navigate(workshop.base() + "/#/settings");
        tap(wing, "Remove Old phone");
        assertThat(wing.getByText("No other device is paired.")).isVisible();
        phone.reload();
        assertThat(phone.getByText("Join Dantro")).isVisible();
    }
}

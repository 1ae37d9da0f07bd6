package app.dantro.acceptance;

import static app.dantro.acceptance.Bench.VAN;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.Test;

/** Two people, dead networks, wrong clocks, odd instruments. */
class TroubleTest extends OpenWorkshop {
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
    void aPageOfAnotherBuildOffersToReloadOnceNothingWaitsToBeSent() {
        Page page = workshop.desk();
        page.getByText(VAN).first().click();
        Bench bench = new Bench(page);
        bench.seesTitle("Base voltage");
        Locator updated = page.getByText("Dantro was updated");
        assertThat(updated).isHidden();
        AtomicBoolean down = new AtomicBoolean(true);
        page.route("**/api/**", route -> {
            if (down.get() && route.request().method().equals("PUT")) {
                route.abort();
                return;
            }
            APIResponse answer = route.fetch();
            Map<String, String> headers = new HashMap<>(answer.headers());
            headers.put("x-dantro-build", "another");
            route.fulfill(new Route.FulfillOptions().setResponse(answer).setHeaders(headers));
        });
        page.keyboard().type("12.62");
        page.keyboard().press("Enter");
        page.keyboard().press("s");
        assertThat(updated).isVisible();
        assertThat(page.getByText("Reload it once what you entered is sent")).isVisible();
        assertThat(page.getByText("Reload the page")).isHidden();
        down.set(false);
        bench.seesReadings(1);
        assertThat(page.getByText("Reload the page")).isVisible();
        page.unroute("**/api/**");
        page.getByText("Reload the page").click();
        bench.seesReadings(1);
        assertThat(updated).isHidden();
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

    /** What a helper's phone enters moves the plan; whoever stands at the vehicle keeps the step until it is done or left. */
    @Test
    void theStepStaysUnderTheHandsWhileThePlanMoves() {
        Page one = workshop.desk();
        Page two = workshop.phone();
        for (Page page : List.of(one, two)) {
            page.getByText(VAN).first().click();
            new Bench(page).seesTitle("Base voltage");
            new Bench(page).seesJudgement();
        }
        one.keyboard().type("12.6");
        two.keyboard().type("12.61");
        two.keyboard().press("Enter");
        new Bench(two).seesReadings(1);
        new Bench(one).seesReadings(1);
        new Bench(one).seesTitle("Base voltage");
        Locator moved = one.locator(".moved");
        assertThat(moved).containsText("The plan has moved");
        assertThat(one.locator(".entry")).containsText("12.6");
        one.keyboard().press("n");
        assertThat(moved).isHidden();
        assertThat(new Bench(one).title())
                .hasText(new Bench(two).title().textContent().strip());
        assertThat(one.locator(".entry")).containsText("12.6");
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
}

package app.dantro.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Pattern;

/** The demo vehicles on a clock of the test's own, followed step by step. */
abstract class FollowedVehicles extends OpenWorkshop {
    static final int MOST_STEPS = 30;

    final HandClock clock = new HandClock();

    @Override
    Workshop opened() {
        return Workshop.open(folder, clock);
    }

    /** A case on a simulated vehicle that comes in as a file, hidden faults and all. */
    Page arrives(String circuit, String concern, String complaint, String faults) {
        Page page = workshop.desk();
        String id = UUID.randomUUID().toString();
        Object status = page.evaluate("""
                async ([id, circuit, concern, complaint, faults]) => (await fetch('/api/cases/' + id + '/file?by=test', {
                    method: 'PUT',
                    headers: { 'Content-Type': 'application/json' },
                    body: JSON.stringify({
                        format: 'dantro-case', version: 1,
                        vehicle: { name: 'Osier cart', complaint, concern },
                        state: { celsius: 20, state_of_charge: 0.9 },
                        circuit: { ready_made: circuit },
                        faults: JSON.parse(faults)
                    })
                })).status""", List.of(id, circuit, concern, complaint, faults));
        assertThat(status).isEqualTo(200);
        page.navigate(workshop.base() + "/#/case/" + id);
        return page;
    }

    Page opens(String vehicle) {
        Page page = workshop.desk();
        page.getByText(vehicle).first().click();
        return page;
    }

    /** Takes what is asked for by the simulated meter until the title is one that is waited for. */
    void follow(Page page, String until) {
        Bench bench = new Bench(page);
        bench.seesJudgement();
        Pattern wanted = Pattern.compile(until);
        for (int i = 0; i < MOST_STEPS; i++) {
            if (wanted.matcher(bench.title().textContent()).find()) {
                return;
            }
            int before = bench.readings().count();
            page.keyboard().press("m");
            assertThat(page.locator(".entry")).containsText("simulated");
            clock.pass(20);
            page.keyboard().press("Enter");
            bench.seesReadings(before + 1);
            bench.saysItIsAsRead();
        }
        throw new AssertionError("After %d readings it still says (%s)"
                .formatted(MOST_STEPS, bench.title().textContent()));
    }

    /** Answers the step's question, and waits until the next step stands there. */
    static void answers(Page page, String words) {
        String title = new Bench(page).title().textContent();
        tap(page, words);
        assertThat(page.locator(".next h1")).not().hasText(title);
    }

    static void repair(Page page) {
        String title = new Bench(page).title().textContent();
        tap(page, "Record the repair");
        assertThat(page.locator(".next h1")).not().hasText(title);
    }

    static Map<String, String> standings(Page page) {
        page.keyboard().press("p");
        Locator parts = page.locator("[data-part]");
        parts.first().waitFor();
        Map<String, String> standings = new HashMap<>();
        for (Object part : (List<?>) parts.evaluateAll("all => all.map(p => [p.dataset.part, p.dataset.standing])")) {
            standings.put(
                    ((List<?>) part).get(0).toString(), ((List<?>) part).get(1).toString());
        }
        page.keyboard().press("w");
        new Bench(page).title().waitFor();
        return standings;
    }
}

package app.dantro.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Currents made on purpose: a pile in place of starter or loads, and loads switched on one by one. */
class PileAndLoadsTest extends MendedJobs {
    /** What a sound one on 24 V shows, whatever it came for. */
    private static final Map<String, String> SOUND_TRUCK = Map.of(
            "Base voltage of", "12.6",
            "at idle", "28.2",
            "Loaded", "28.0",
            "Whole supply", "0.25",
            "Whole return", "0.1",
            "battery end to alternator case", "0.1",
            "^Battery voltage while", "21.6");

    /** Supply, off, return, off, sum: the pile's page, its signs ignored. */
    @Tag("long")
    @Test
    void aPileAtTheAlternatorNamesTheSideThatTakesMore() {
        Page page =
                job("petrol-car", "charging", "charges too little", "CHARGING_SYMPTOM=UNDERCHARGES", "RATED_AMPS=140");
        reads(page, PLUS, MINUS, "REST", "12.5");
        page.keyboard().press("g");
        tap(page, "Carbon pile");
        Locator pile = region(page, "carbon pile at the alternator");
        assertThat(pile).containsText("set 140 A");
        saved(pile, "supply side", "-0.21");
        assertThat(pile).containsText("rested");
        saved(pile, "return side", "6.2");
        isAskedAndAnswers(page, "under a pile is more", "0.62");
        assertThat(pile).containsText("the return side first");
        page.keyboard().press("w");
        reads(page, CASE, "bracket", "PILE_ALTERNATOR", "0.56", 140);
        isReadOnceMore(page, "Across the alternator mount", "0.25");
        isRepairedAndVerified(page, "alternator mount");
    }

    /** The same on 24 V, where both sides pass: half a volt a block, and the job ends without a part accused. */
    @Tag("long")
    @Test
    void aPileAtATrucksAlternatorPassesByTheSumOfBothSides() {
        Page truck =
                job("truck-24v", "charging", "charges too little", "CHARGING_SYMPTOM=UNDERCHARGES", "RATED_AMPS=100");
        reads(truck, PLUS, MINUS, "REST", "25.2");
        truck.keyboard().press("g");
        tap(truck, "Carbon pile");
        Locator pile = region(truck, "carbon pile at the alternator");
        assertThat(pile).containsText("set 100 A");
        saved(pile, "supply side", "0.28");
        assertThat(pile).containsText("rested");
        saved(pile, "return side", "-0.14");
        assertThat(pile).containsText("together 0.42 V: within the 1.00 V");
        isFoundSound(truck, SOUND_TRUCK);
    }

    /** The starter's way under a pile, and the same on 24 V: the sum is held against half a volt a block. */
    @Tag("long")
    @Test
    void aPileInTheStartersPlaceOnTwelveAndTwentyFourVolts() {
        Page car = job("petrol-car", "starting", "cranks slowly", "SYMPTOM=SLOW", "CLAMP=NO");
        reads(car, PLUS, MINUS, "REST", "12.6");
        underThePile(car, "set 300 A", "0.18", "0.14");
        assertThat(region(car, "carbon pile at the starter")).containsText("0.32 V");
        isFoundSound(
                car,
                Map.of(
                        "^Battery voltage while",
                        "10.9",
                        "Whole return",
                        "0.17",
                        "Whole supply",
                        "0.31",
                        "Loaded",
                        "14.0"));
        Page truck = job("truck-24v", "starting", "cranks slowly", "SYMPTOM=SLOW", "CLAMP=NO");
        reads(truck, PLUS, MINUS, "REST", "25.2");
        underThePile(truck, "set 500 A", "0.45", "0.20");
        assertThat(region(truck, "carbon pile at the starter")).containsText("0.65 V");
        isFoundSound(truck, SOUND_TRUCK);
    }

    /** What is left to read shows nothing: the job ends without a part accused. */
    private void isFoundSound(Page page, Map<String, String> shows) {
        nothingIsAccused(page);
        page.keyboard().press("n");
        takes(page, "^How did it turn", shows);
        answers(page, "as it should");
        takes(page, "^Not reproduced", shows);
        nothingIsAccused(page);
        ends(page, "Not reproduced today");
    }

    private static void underThePile(Page page, String set, String supply, String back) {
        page.keyboard().press("g");
        tap(page, "Carbon pile");
        Locator pile = region(page, "carbon pile at the starter");
        assertThat(pile).containsText(set);
        saved(pile, "supply side", supply);
        assertThat(pile).containsText("rested");
        saved(pile, "return side", back);
    }

    /** Load by load with the clamp: every step with its own amps, none of them a clamp's error; then the fuse walked. */
    @Tag("long")
    @Test
    void loadsSwitchedOnOneByOneThenTheFuseIsWalked() {
        Page page = job("petrol-car", "charging", "charges too little", "CHARGING_SYMPTOM=UNDERCHARGES", "CLAMP=YES");
        reads(page, PLUS, MINUS, "REST", "12.5");
        reads(page, "bplus", CASE, "RAISED_SOME", "14.22", 20);
        reads(page, "bplus", CASE, "RAISED_SOME", "14.20", 33);
        reads(page, "bplus", CASE, "RAISED_SOME", "14.18", 47);
        nothingIsAccused(page);
        assertThat(page.locator(".doubts")).hasCount(0);
        page.keyboard().press("g");
        tap(page, "Current and ripple");
        assertThat(page.locator("table")).containsText("some loads on");
        page.keyboard().press("w");
        reads(page, PLUS, MINUS, LOADED, "13.0", 62);
        reads(page, "bplus", CASE, LOADED, "14.15", 62);
        reads(page, "bplus", PLUS, LOADED, "1.08", 62);
        reads(page, CASE, MINUS, LOADED, "0.5", 62);
        isAskedAndAnswers(page, "the other side took 1.08 V of it", "0.05");
        reads(page, "fuse-in", "fuse-out", LOADED, "0.95", 62);
        assertThat(standings(page)).doesNotContainEntry("alternator", "FAULTY");
        isRepairedAndVerified(page, "large fuse");
    }

    private static void saved(Locator pile, String side, String volts) {
        Locator form = pile.getByRole(AriaRole.FORM, new Locator.GetByRoleOptions().setName(side));
        form.getByLabel("Meter shows").fill(volts);
        form.getByText("Save").click();
    }
}

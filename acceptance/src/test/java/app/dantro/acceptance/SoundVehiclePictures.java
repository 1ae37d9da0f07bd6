package app.dantro.acceptance;

import com.microsoft.playwright.Page;

/** A sound car that comes for a check: how its job ends, and its alternator as loads are added one by one. */
record SoundVehiclePictures(Screenshots pictures, Workshop workshop) {
    private static final String ID = "0f0e0d0c-0b0a-4908-8706-050403020100";

    void take() {
        Page page = workshop.desk();
        ending(page);
        loads(page);
    }

    private void ending(Page page) {
        page.evaluate("""
                async (id) => {
                    const put = (path, body) => fetch('/api/cases/' + id + path, {
                        method: 'PUT',
                        headers: { 'Content-Type': 'application/json' },
                        body: JSON.stringify(body)
                    });
                    await put('/file?by=demo', {
                        format: 'dantro-case', version: 2,
                        vehicle: { name: 'Osier cart', complaint: 'spring check', concern: 'charging' },
                        state: { celsius: 20, state_of_charge: 0.9 },
                        circuit: { ready_made: 'petrol-car' },
                        faults: [],
                        statements: [{ topic: 'charging_symptom', value: 'CHECK' }]
                    });
                }""", ID);
        page.navigate(workshop.base() + "/#/case/" + ID);
        Screenshots.follow(page, Screenshots.MOST_READINGS);
        page.getByText("as it should").click();
        page.getByText("End the job").first().waitFor();
        pictures.shoot(page, "ending");
    }

    private void loads(Page page) {
        page.evaluate("""
                async (id) => {
                    for (const [typed, amps] of [['14.25', 21], ['14.24', 34], ['14.23', 48], ['14.19', 63]])
                        await fetch('/api/cases/' + id + '/readings/' + crypto.randomUUID(), {
                            method: 'PUT',
                            headers: { 'Content-Type': 'application/json' },
                            body: JSON.stringify({
                                red: 'bplus', black: 'alternator-case', condition: 'RAISED_SOME', typed, amps,
                                statistic: 'SETTLED', source: 'TYPED', by: 'demo', takenAtMs: Date.now()
                            })
                        });
                }""", ID);
        page.keyboard().press("g");
        Screenshots.part(page, "Current and ripple");
        page.getByText("some loads on").first().waitFor();
        page.getByLabel("Ripple loaded, B+ to case, V AC").fill("0.04");
        page.keyboard().press("Enter");
        pictures.shoot(page, "current-and-ripple");
    }
}

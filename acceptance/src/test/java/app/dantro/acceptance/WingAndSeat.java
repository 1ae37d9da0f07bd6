package app.dantro.acceptance;

/** The program on a clock of the test's own, a wing and a seat. */
abstract class WingAndSeat extends OpenWorkshop {
    final HandClock clock = new HandClock();

    @Override
    Workshop opened() {
        return Workshop.open(folder, clock, "--dantro.lan=true");
    }
}

package app.dantro.server.charging;

import app.dantro.core.charging.PileTest;
import app.dantro.core.circuit.Condition;
import app.dantro.core.figure.FigureVerdict.Sign;
import app.dantro.core.reading.Reading;
import java.util.List;

/** A carbon pile at one end of a loop: what to set, both drops, and what they say together. */
record PileView(
        Condition where,
        String whereWords,
        double setAmps,
        boolean estimated,
        List<ChargingView.LoadedView> ways,
        Sign sign,
        String says) {
    static PileView of(PileTest test) {
        return new PileView(
                test.where(),
                test.where().words(),
                test.setAmps(),
                test.estimated(),
                test.ways().stream()
                        .map(w -> new ChargingView.LoadedView(
                                w.side().words(),
                                ChargingView.PairView.of(w.red(), w.black(), test.where()),
                                w.read().map(Reading::sized)))
                        .toList(),
                test.sign(),
                test.because().words());
    }
}

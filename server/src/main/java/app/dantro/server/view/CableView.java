package app.dantro.server.view;

import app.dantro.core.reading.Ammeter;
import app.dantro.core.reading.Current;
import app.dantro.server.store.StoredCase;
import java.util.List;

/** A cable or strap that a clamp fits around, and whose drop can tell the current: {@code I = V / R}. */
public record CableView(String id, String name, double milliohms, double standardShare) {
    static List<CableView> of(StoredCase file) {
        return file.circuit().parts().stream()
                .filter(Ammeter::fits)
                .map(p -> new CableView(
                        p.id().value(),
                        p.name(),
                        1000 * Ammeter.ohms(p, file.record().celsius()),
                        Current.How.CABLE_AS_SHUNT.standardShare()))
                .toList();
    }
}

package app.dantro.server.view;

import app.dantro.core.quantity.Amount;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.Repair;
import app.dantro.core.record.Repaired;
import app.dantro.server.store.StoredCase;
import app.dantro.server.store.StoredRepair;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * A repair on record.
 *
 * @param before the last reading across just the part that the repair outdated
 * @param after the newest across it since
 */
public record RepairView(
        UUID id,
        String part,
        String partName,
        Repair.Action action,
        String actionWords,
        String note,
        String doneBy,
        long doneAtMs,
        boolean struck,
        Optional<String> before,
        Optional<String> after) {
    static List<RepairView> all(StoredCase file, Repaired repaired) {
        return file.repairs().stream().map(r -> of(file, repaired, r)).toList();
    }

    private static RepairView of(StoredCase file, Repaired repaired, StoredRepair stored) {
        Repair repair = stored.repair();
        return new RepairView(
                repair.id(),
                repair.part().value(),
                file.nameOf(repair.part()),
                repair.action(),
                repair.action().words(),
                repair.note(),
                stored.doneBy(),
                repair.doneAtMillis(),
                file.isStruck(repair.id()),
                repaired.before(repair).map(RepairView::shown),
                repaired.after(repair).map(RepairView::shown));
    }

    private static String shown(Reading reading) {
        return Amount.volts(reading.volts(), reading.resolutionVolts());
    }
}

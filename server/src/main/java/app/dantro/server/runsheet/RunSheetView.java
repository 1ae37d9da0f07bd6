package app.dantro.server.runsheet;

import app.dantro.core.circuit.Condition;
import app.dantro.core.schools.RunSheet;
import app.dantro.server.store.StoredCase;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** The run sheet on the wire. */
final class RunSheetView {
    private RunSheetView() {}

    /** One test of one vehicle; where it is read, if it is read. */
    record CellView(
            String title,
            Optional<String> shown,
            RunSheet.Sign sign,
            String says,
            Optional<String> red,
            Optional<String> redName,
            Optional<String> black,
            Optional<String> blackName,
            Optional<Condition> condition,
            Optional<String> conditionWords) {
        static CellView of(StoredCase file, RunSheet.Cell cell) {
            Optional<RunSheet.Probe> probe = cell.probe();
            return new CellView(
                    cell.test().title(),
                    cell.shown(),
                    cell.sign(),
                    cell.says(),
                    probe.map(p -> p.red().value()),
                    probe.map(p -> file.nameOf(p.red())),
                    probe.map(p -> p.black().value()),
                    probe.map(p -> file.nameOf(p.black())),
                    probe.map(RunSheet.Probe::condition),
                    probe.map(p -> p.condition().words()));
        }
    }

    /**
     * One vehicle.
     *
     * @param weight how conspicuous it is; 0 for not at all
     * @param due which of the cells is to be read next
     * @param then what the case itself asks for next
     */
    record RunRow(
            UUID caseId,
            String vehicle,
            String complaint,
            boolean simulated,
            int weight,
            List<CellView> cells,
            Optional<CellView> due,
            String then) {
        static RunRow of(StoredCase file, RunSheet sheet, String then) {
            return new RunRow(
                    file.record().id(),
                    file.record().vehicle(),
                    file.record().complaint(),
                    file.simulation().isPresent(),
                    sheet.weight(),
                    sheet.cells().stream().map(c -> CellView.of(file, c)).toList(),
                    sheet.due().map(c -> CellView.of(file, c)),
                    then);
        }
    }
}

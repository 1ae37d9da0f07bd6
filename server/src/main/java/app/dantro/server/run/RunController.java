package app.dantro.server.run;

import app.dantro.core.circuit.Condition;
import app.dantro.core.procedure.Assessment;
import app.dantro.core.procedure.Concern;
import app.dantro.core.procedure.Stage;
import app.dantro.core.schools.RunSheet;
import app.dantro.server.job.CaseFile;
import app.dantro.server.job.CaseFiles;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Every charging case in work as one line, conspicuous ones first. */
@RestController
@RequestMapping("/api/run-sheet")
class RunController {
    private final CaseFiles files;

    RunController(CaseFiles files) {
        this.files = files;
    }

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
        static CellView of(CaseFile file, RunSheet.Cell cell) {
            Optional<RunSheet.Probe> probe = cell.probe();
            return new CellView(
                    cell.title(),
                    cell.shown(),
                    cell.sign(),
                    cell.says(),
                    probe.map(p -> p.red().value()),
                    probe.map(p -> file.circuit().point(p.red()).orElseThrow().name()),
                    probe.map(p -> p.black().value()),
                    probe.map(p -> file.circuit().point(p.black()).orElseThrow().name()),
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
            String then) {}

    @GetMapping
    List<RunRow> sheet() {
        return files.openOf(Concern.CHARGING).stream()
                .flatMap(file -> row(file).stream())
                .sorted(Comparator.comparingInt(RunRow::weight).reversed())
                .toList();
    }

    private Optional<RunRow> row(CaseFile file) {
        Assessment assessment = files.assessByRules(file);
        if (assessment.stage() == Stage.VERIFIED || assessment.stage() == Stage.CLOSED) {
            return Optional.empty();
        }
        return RunSheet.of(assessment.findings())
                .map(sheet -> new RunRow(
                        file.record().id(),
                        file.record().vehicle(),
                        file.record().complaint(),
                        file.simulation().isPresent(),
                        sheet.weight(),
                        sheet.cells().stream().map(c -> CellView.of(file, c)).toList(),
                        sheet.due().map(c -> CellView.of(file, c)),
                        assessment.next().title()));
    }
}

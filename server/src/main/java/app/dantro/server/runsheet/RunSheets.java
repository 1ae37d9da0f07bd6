package app.dantro.server.runsheet;

import app.dantro.core.circuit.Loop;
import app.dantro.core.procedure.Assessment;
import app.dantro.core.schools.RunSheet;
import app.dantro.server.job.Cases;
import app.dantro.server.runsheet.RunSheetView.RunRow;
import app.dantro.server.store.StoredCase;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** Every charging case in work as one line, conspicuous ones first. */
@Service
class RunSheets {
    private final Cases cases;

    RunSheets(Cases cases) {
        this.cases = cases;
    }

    List<RunRow> rows() {
        return cases.openOf(Loop.CHARGING).stream()
                .flatMap(file -> row(file).stream())
                .sorted(Comparator.comparingInt(RunRow::weight).reversed())
                .toList();
    }

    private Optional<RunRow> row(StoredCase file) {
        Assessment assessment = cases.assessIfReady(file);
        return assessment.stage().closed()
                ? Optional.empty()
                : RunSheet.of(assessment.findings(), assessment.beside().schools())
                        .map(sheet -> RunRow.of(file, sheet, assessment));
    }
}

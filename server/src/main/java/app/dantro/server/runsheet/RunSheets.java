package app.dantro.server.runsheet;

import app.dantro.core.circuit.Loop;
import app.dantro.core.procedure.Assessment;
import app.dantro.core.schools.RunSheet;
import app.dantro.server.job.Cases;
import app.dantro.server.runsheet.RunSheetView.RunRow;
import app.dantro.server.store.LineStore;
import app.dantro.server.store.StoredCase;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;

/** Every charging case in work as one line, conspicuous ones first. */
@Service
class RunSheets {
    private static final Logger LOG = LoggerFactory.getLogger(RunSheets.class);

    private final Cases cases;
    private final LineStore lines;

    RunSheets(Cases cases, LineStore lines) {
        this.cases = cases;
        this.lines = lines;
    }

    List<RunRow> rows() {
        return lines.inWork(Loop.CHARGING).stream()
                .flatMap(id -> readable(id).stream())
                .filter(file -> !file.isStruck(file.record().id()))
                .flatMap(file -> row(file).stream())
                .sorted(Comparator.comparingInt(RunRow::weight).reversed())
                .toList();
    }

    private Optional<StoredCase> readable(UUID caseId) {
        try {
            return Optional.of(cases.load(caseId));
        } catch (RuntimeException e) {
            LOG.error("Case {} cannot be read, the Bay says so", caseId, e);
            return Optional.empty();
        }
    }

    private Optional<RunRow> row(StoredCase file) {
        Assessment assessment = cases.assessIfReady(file);
        return assessment.stage().closed()
                ? Optional.empty()
                : RunSheet.of(assessment.findings(), assessment.beside().schools())
                        .map(sheet -> RunRow.of(file, sheet, assessment));
    }
}

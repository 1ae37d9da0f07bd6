package app.dantro.server.exchange;

import app.dantro.core.circuit.Condition;
import app.dantro.core.network.SpiceNetlist;
import app.dantro.core.network.VehicleState;
import app.dantro.core.procedure.OrderOfWork;
import app.dantro.server.format.BadFile;
import app.dantro.server.format.CaseDocument;
import app.dantro.server.format.CaseFormat;
import app.dantro.server.format.DiagnosisFormat;
import app.dantro.server.format.PredictionFormat;
import app.dantro.server.job.Cases;
import app.dantro.server.problem.ProblemException;
import app.dantro.server.store.StoredCase;
import app.dantro.server.view.CaseView;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Supplier;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Open formats over HTTP: case files in and out, predictions, netlists. */
@RestController
@RequestMapping("/api")
class ExchangeController {
    private final Cases files;
    private final CaseImport imports;
    private final CaseExport export;
    private final OrderOfWork order;

    ExchangeController(Cases files, CaseImport imports, CaseExport export, OrderOfWork order) {
        this.order = order;
        this.files = files;
        this.imports = imports;
        this.export = export;
    }

    /** The case as a case file. What is wrong with a simulated vehicle is not in it. */
    @GetMapping(path = "/cases/{caseId}/file", produces = MediaType.APPLICATION_JSON_VALUE)
    String file(@PathVariable UUID caseId) {
        return CaseFormat.write(export.document(files.load(caseId)));
    }

    /** Opens a case from a case file; the same file under the same id does no harm. */
    @PutMapping(path = "/cases/{caseId}/file", consumes = MediaType.APPLICATION_JSON_VALUE)
    CaseView open(
            @PathVariable UUID caseId, @RequestParam @NotBlank @Size(max = 60) String by, @RequestBody String json) {
        return imports.open(caseId, by, checked(() -> CaseFormat.parse(json, caseId)));
    }

    /** The case's healthy circuit as a SPICE netlist. */
    @GetMapping(path = "/cases/{caseId}/netlist", produces = MediaType.TEXT_PLAIN_VALUE)
    String netlist(@PathVariable UUID caseId, @RequestParam Condition condition) {
        StoredCase file = files.load(caseId);
        return SpiceNetlist.of(
                file.circuit(), condition, VehicleState.healthyAt(file.record().celsius()));
    }

    /** Potentials and currents in every condition, with the faults that the case file states. */
    @PostMapping(
            path = "/predict",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    String predict(@RequestBody String json) {
        return parsed(json, d -> PredictionFormat.of(d.circuit(), d.state()));
    }

    /** Standing of every part, contradictions and the next reading, from the readings in a case file. */
    @PostMapping(
            path = "/diagnose",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    String diagnose(@RequestBody String json) {
        return parsed(json, d -> DiagnosisFormat.of(d, order));
    }

    /** A case file's circuit as a SPICE netlist, with the faults that it states. */
    @PostMapping(path = "/netlist", consumes = MediaType.APPLICATION_JSON_VALUE, produces = MediaType.TEXT_PLAIN_VALUE)
    String netlist(@RequestBody String json, @RequestParam Condition condition) {
        return parsed(json, d -> SpiceNetlist.of(d.circuit(), condition, d.state()));
    }

    private static <T> T parsed(String json, Function<CaseDocument, T> use) {
        return checked(() -> use.apply(CaseFormat.parse(json)));
    }

    private static <T> T checked(Supplier<T> read) {
        try {
            return read.get();
        } catch (BadFile e) {
            throw ProblemException.field(e.path(), e.line());
        }
    }
}

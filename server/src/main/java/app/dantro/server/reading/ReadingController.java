package app.dantro.server.reading;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import app.dantro.core.reading.Ammeter;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.MeterRange;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Statistic;
import app.dantro.core.reading.TypedVolts;
import app.dantro.core.slip.Slip;
import app.dantro.server.job.Cases;
import app.dantro.server.problem.ProblemException;
import app.dantro.server.store.StoredCase;
import app.dantro.server.store.StoredReading;
import app.dantro.server.view.CaseView;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Readings: save one, answer what was asked about it. */
@RestController
@RequestMapping("/api/cases/{caseId}/readings/{readingId}")
class ReadingController {
    private final Cases files;
    private final ReadingDesk readings;

    ReadingController(Cases files, ReadingDesk readings) {
        this.files = files;
        this.readings = readings;
    }

    /** A reading to save; the id comes with the address, made by the client. */
    record NewReading(
            @NotBlank String red,
            @NotBlank String black,
            @NotNull Condition condition,
            @NotNull String typed,
            @NotNull Statistic statistic,
            Optional<Double> amps,
            Optional<@Valid AmmeterUsed> ammeter,
            Optional<MeterRange> range,
            @NotNull StoredReading.Source source,
            @NotBlank @Size(max = 60) String by,
            @NotNull Long takenAtMs) {
        Reading toReading(UUID id, StoredCase file) {
            PointId redPoint = file.point("red", red);
            PointId blackPoint = file.point("black", black);
            if (redPoint.equals(blackPoint)) {
                throw ProblemException.field(
                        "black", "Both leads are on (%s). Put them on two different points.".formatted(red));
            }
            TypedVolts volts = ProblemException.checking("typed", () -> TypedVolts.parse(typed));
            return new Reading(
                    id, redPoint, blackPoint, condition, volts, statistic, current(file), range, false, takenAtMs);
        }

        private Current current(StoredCase file) {
            return ProblemException.checking(
                    "amps",
                    () -> amps.map(shown -> ammeter.map(AmmeterUsed::toAmmeter)
                                    .orElseGet(Ammeter::clamp)
                                    .current(file.circuit(), file.record().celsius(), shown))
                            .orElseGet(Current::unknown));
        }
    }

    /**
     * How the number under {@code amps} is to be read; without it a zeroed clamp in its usual place showed amperes.
     *
     * @param millivoltsPerAmp if the clamp gives millivolts to a meter
     * @param zero what it shows with empty jaws
     * @param in the one cable or strap it was measured in; with CABLE_AS_SHUNT {@code amps} is its drop in mV
     */
    record AmmeterUsed(
            @NotNull Current.How how, Optional<Double> millivoltsPerAmp, Optional<Double> zero, Optional<String> in) {
        Ammeter toAmmeter() {
            return new Ammeter(how, millivoltsPerAmp, zero.orElse(0.0), in.map(PartId::of));
        }
    }

    /** The answer to what was asked about a reading. */
    record NewAnswer(
            @NotNull Slip.Answer answer,
            @NotBlank @Size(max = 60) String by) {}

    @PutMapping
    ResponseEntity<CaseView> put(
            @PathVariable UUID caseId, @PathVariable UUID readingId, @Valid @RequestBody NewReading body) {
        StoredCase file = files.load(caseId);
        ReadingDesk.Recorded recorded =
                readings.record(file, body.toReading(readingId, file), body.source(), body.by());
        return ResponseEntity.status(recorded.added() ? HttpStatus.CREATED : HttpStatus.OK)
                .body(files.view(files.newest(recorded.file())));
    }

    @PutMapping("/answer")
    CaseView answer(@PathVariable UUID caseId, @PathVariable UUID readingId, @Valid @RequestBody NewAnswer body) {
        readings.answer(caseId, readingId, body.answer(), body.by());
        return files.view(caseId);
    }
}

package app.dantro.server.instrument;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.reading.Ammeter;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.MeterRange;
import app.dantro.server.job.Cases;
import app.dantro.server.problem.ProblemException;
import app.dantro.server.store.StoredCase;
import java.util.Optional;
import java.util.UUID;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The simulated meter's display. */
@RestController
@RequestMapping("/api/cases/{caseId}/simulated-meter")
class MeterController {
    private final Cases files;
    private final SimulatedInstruments instruments;

    MeterController(Cases files, SimulatedInstruments instruments) {
        this.files = files;
        this.instruments = instruments;
    }

    /** What the simulated meter shows, and what its clamp or the cable's drop; {@code seed} repeats it. */
    record MeterDisplayView(String typed, MeterRange range, Optional<Double> amps, long seed) {}

    /** How the current is to be measured; a zeroed clamp in its usual place unless said. */
    record AmmeterUsed(
            Optional<Current.How> how, Optional<Double> millivoltsPerAmp, Optional<Double> zero, Optional<String> in) {
        Ammeter toAmmeter() {
            return new Ammeter(how.orElse(Current.How.CLAMP), millivoltsPerAmp, zero.orElse(0.0), in.map(PartId::of));
        }
    }

    @GetMapping
    MeterDisplayView measure(
            @PathVariable UUID caseId,
            @RequestParam String red,
            @RequestParam String black,
            @RequestParam Condition condition,
            @ParameterObject AmmeterUsed ammeterUsed) {
        StoredCase file = files.load(caseId);
        Ammeter ammeter = ProblemException.checking("in", ammeterUsed::toAmmeter);
        SimulatedInstruments.Display display =
                instruments.measure(file, file.point("red", red), file.point("black", black), condition, ammeter);
        return new MeterDisplayView(display.typed(), display.range(), display.amps(), display.seed());
    }
}

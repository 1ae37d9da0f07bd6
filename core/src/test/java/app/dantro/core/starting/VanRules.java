package app.dantro.core.starting;

import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.fact.DropVerdict;
import app.dantro.core.finding.Findings;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.network.StartingLoop;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.RecordedReading;
import java.util.List;
import java.util.stream.Stream;

/** The starting rules on a van. */
abstract class VanRules {
    static final PartId STRAP_END = PartId.of("strap-end-block");

    final SeriesLoop van = StartingLoop.of(ReadyMadeCircuits.petrolBodyReturn());

    Findings find(Reading... readings) {
        return StartingRules.of(
                CaseRecord.of(ReadyMadeCircuits.petrolBodyReturn(), 20, recorded(readings), List.of(), List.of()));
    }

    static List<RecordedReading> recorded(Reading... readings) {
        return Stream.of(readings).map(RecordedReading::of).toList();
    }

    static DropVerdict verdict(Findings found) {
        return found.verdicts().get(found.verdicts().size() - 1);
    }
}

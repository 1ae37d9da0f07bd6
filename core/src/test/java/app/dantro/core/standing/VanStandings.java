package app.dantro.core.standing;

import static app.dantro.core.reading.SampleReadings.base;
import static app.dantro.core.reading.SampleReadings.cranking;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.finding.Findings;
import app.dantro.core.inference.Complaint;
import app.dantro.core.inference.PreparedCircuit;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.record.Repair;
import app.dantro.core.starting.StartingRules;
import java.util.List;
import java.util.stream.Stream;

/** A prepared van and what is judged of it. */
abstract class VanStandings {
    static final Circuit VAN = ReadyMadeCircuits.petrolBodyReturn();

    static final PreparedCircuit PREPARED = PreparedCircuit.of(VAN, 20);

    final Reading rest = base("12.58");

    final Reading posts = cranking("post-plus", "post-minus", "11.60", 150);

    final Reading whole = cranking("starter-case", "post-minus", "3.20", 150);

    final Reading across = cranking("block", "strap-engine", "3.03", 150);

    static Findings judged(Reading... readings) {
        return judged(evidence(recorded(readings), List.of()));
    }

    static List<RecordedReading> recorded(Reading... readings) {
        return Stream.of(readings).map(RecordedReading::of).toList();
    }

    static CaseRecord evidence(List<RecordedReading> readings, List<Repair> repairs) {
        return CaseRecord.of(VAN, 20, readings, repairs, List.of());
    }

    static Findings judged(CaseRecord evidence) {
        return Standings.of(
                StartingRules.of(evidence), Judgement.of(PREPARED, CaseInference.of(evidence, Complaint.STARTING)));
    }
}

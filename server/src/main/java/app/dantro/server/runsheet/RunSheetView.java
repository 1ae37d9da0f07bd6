package app.dantro.server.runsheet;

import app.dantro.core.circuit.Condition;
import app.dantro.core.ending.Ending;
import app.dantro.core.procedure.Assessment;
import app.dantro.core.procedure.Step;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.schools.RunSheet;
import app.dantro.core.slip.Slip;
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
     * @param asked a reading that does not count before its question is answered
     * @param ending what the case may be ended as
     * @param judging true while only the rules speak, since its circuit is still being prepared
     */
    record RunRow(
            UUID caseId,
            String vehicle,
            String complaint,
            boolean simulated,
            int weight,
            List<CellView> cells,
            Optional<CellView> due,
            String then,
            Optional<RunAsked> asked,
            Optional<String> ending,
            boolean judging) {
        static RunRow of(StoredCase file, RunSheet sheet, Assessment assessment) {
            Step next = assessment.next();
            return new RunRow(
                    file.record().id(),
                    file.record().vehicle(),
                    file.record().complaint(),
                    file.simulation().isPresent(),
                    sheet.weight(),
                    sheet.cells().stream().map(c -> CellView.of(file, c)).toList(),
                    sheet.due().map(c -> CellView.of(file, c)),
                    next.title(),
                    file.evidence().readings().stream()
                            .filter(r -> !r.struck()
                                    && r.slip().isPresent()
                                    && r.answer().isEmpty())
                            .findFirst()
                            .map(r -> RunAsked.of(file, r)),
                    next.kind() == Step.Kind.CLOSE
                            ? next.ending().flatMap(Ending::as).map(Enum::name)
                            : Optional.empty(),
                    assessment.verdict().isEmpty());
        }
    }

    /** A question about one reading. */
    record RunAsked(
            UUID reading,
            String typed,
            String redName,
            String blackName,
            String conditionWords,
            String sentence,
            List<RunChoice> choices) {
        static RunAsked of(StoredCase file, RecordedReading asked) {
            Reading reading = asked.reading();
            Slip slip = asked.slip().orElseThrow();
            return new RunAsked(
                    reading.id(),
                    reading.typed().text(),
                    file.nameOf(reading.red()),
                    file.nameOf(reading.black()),
                    reading.condition().words(),
                    slip.sentence(),
                    slip.choices().stream()
                            .map(c -> new RunChoice(c.answer(), c.label()))
                            .toList());
        }
    }

    /** One answer that may be given. */
    record RunChoice(Slip.Answer answer, String label) {}
}

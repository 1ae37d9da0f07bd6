package app.dantro.server.view;

import app.dantro.core.circuit.Condition;
import app.dantro.core.figure.CarriedOver;
import app.dantro.core.procedure.Assessment;
import app.dantro.core.quantity.Amount;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.MeterRange;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Statistic;
import app.dantro.core.record.ReadingState;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.slip.Slip;
import app.dantro.server.store.StoredCase;
import app.dantro.server.store.StoredReading;
import app.dantro.server.store.Strike;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * A reading as it is on record, with its answer.
 *
 * @param carried its resistance, and what that loses at the current that counts, in words; absent without a current
 */
public record ReadingView(
        UUID id,
        String red,
        String redName,
        String black,
        String blackName,
        Condition condition,
        String conditionWords,
        String typed,
        double volts,
        double resolutionVolts,
        String shown,
        Statistic statistic,
        String statisticWords,
        Optional<Double> amps,
        Optional<String> ampsKnownBy,
        Optional<MeterRange> range,
        StoredReading.Source source,
        String takenBy,
        long takenAtMs,
        ReadingState state,
        String stateWords,
        Optional<String> strikeReason,
        Optional<SlipView> slip,
        Optional<DropView> drop,
        Optional<String> carried) {
    static List<ReadingView> all(StoredCase file, Assessment assessment) {
        return file.readings().stream().map(r -> of(file, assessment, r)).toList();
    }

    private static ReadingView of(StoredCase file, Assessment assessment, StoredReading stored) {
        RecordedReading recorded =
                stored.recorded(file.isStruck(stored.reading().id()));
        Reading reading = recorded.effective();
        ReadingState state = assessment.findings().evidence().stateOf(recorded);
        return new ReadingView(
                reading.id(),
                reading.red().value(),
                file.nameOf(reading.red()),
                reading.black().value(),
                file.nameOf(reading.black()),
                reading.condition(),
                reading.condition().words(),
                stored.reading().typed().text(),
                reading.volts(),
                reading.resolutionVolts(),
                Amount.volts(reading.volts(), reading.resolutionVolts()),
                reading.statistic(),
                reading.statistic().words(),
                reading.amps(),
                reading.current() instanceof Current.Measured m ? Optional.of(knownBy(file, m)) : Optional.empty(),
                reading.range(),
                stored.source(),
                stored.takenBy(),
                reading.takenAtMillis(),
                state,
                state.words(),
                file.strikeOn(reading.id()).map(Strike::reason),
                stored.slip().map(s -> SlipView.of(s, stored.answer())),
                drop(assessment, reading),
                Optional.ofNullable(assessment.beside().carried().get(reading.id()))
                        .map(CarriedOver::words));
    }

    private static Optional<DropView> drop(Assessment assessment, Reading reading) {
        return assessment.findings().verdicts().stream()
                .filter(v -> v.reading().id().equals(reading.id()))
                .findFirst()
                .map(v -> DropView.of(v, assessment.beside().rulings().getOrDefault(reading.id(), List.of())));
    }

    private static String knownBy(StoredCase file, Current.Measured measured) {
        String where = measured.in()
                .flatMap(file.circuit()::nameOf)
                .map(name -> measured.how() == Current.How.CABLE_AS_SHUNT ? ": " + name : " around the " + name)
                .orElse("");
        return measured.how().words() + where;
    }

    /** The question a reading raised, and its answer. */
    public record SlipView(
            Slip.Kind kind, String sentence, List<SlipChoiceView> choices, Optional<Slip.Answer> answer) {
        static SlipView of(Slip slip, Optional<Slip.Answer> answer) {
            return new SlipView(
                    slip.kind(),
                    slip.sentence(),
                    slip.choices().stream()
                            .map(c -> new SlipChoiceView(c.answer(), c.label(), c.volts()))
                            .toList(),
                    answer);
        }
    }

    /** One possible answer. */
    public record SlipChoiceView(Slip.Answer answer, String label, Optional<Double> volts) {}
}

package app.dantro.core.procedure;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.circuit.Side;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.network.StartingLoop;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Reading;
import app.dantro.core.reading.Statistic;
import app.dantro.core.reading.TypedVolts;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;
import app.dantro.core.slip.Slip;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/** One case of everyday-cases.txt: what is read in it, and what may be said then. */
record EverydayCase(String title, String vehicle, List<String> lines, List<String> expects) {
    private static final Map<String, Loop> COMPLAINTS = Map.of(
            "slow", Loop.STARTING,
            "click", Loop.STARTING,
            "check", Loop.CHARGING,
            "not-charging", Loop.CHARGING,
            "overcharges", Loop.CHARGING,
            "lamp", Loop.CHARGING);
    private static final Map<String, Topic> ENTERED = Map.of(
            "strategy", Topic.STRATEGY,
            "chemistry", Topic.CHEMISTRY,
            "plate", Topic.RATED_AMPS,
            "hours", Topic.BATTERY_AMP_HOURS,
            "cylinders", Topic.CYLINDERS,
            "setpoint", Topic.SET_POINT,
            "idle-share", Topic.IDLE_SHARE);
    private static final long STEP_MILLIS = 40_000;

    static List<EverydayCase> all() throws IOException {
        String text;
        try (InputStream in = EverydayCase.class.getResourceAsStream("everyday-cases.txt")) {
            text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
        List<EverydayCase> cases = new ArrayList<>();
        for (String block : text.split("(?m)^case: ")) {
            List<String> lines = block.lines()
                    .filter(l -> !l.startsWith("#") && !l.isBlank())
                    .toList();
            if (lines.size() > 2 && lines.get(1).startsWith("vehicle: ")) {
                cases.add(new EverydayCase(
                        lines.get(0),
                        lines.get(1).substring("vehicle: ".length()),
                        lines.stream()
                                .skip(2)
                                .filter(l -> !l.startsWith("expect: "))
                                .toList(),
                        lines.stream()
                                .filter(l -> l.startsWith("expect: "))
                                .map(l -> l.substring("expect: ".length()))
                                .toList()));
            }
        }
        return cases;
    }

    private String field(int at, String otherwise) {
        String[] fields = vehicle.split(", ");
        return fields.length > at ? fields[at] : otherwise;
    }

    Circuit circuit() {
        return ReadyMadeCircuits.named(field(0, "")).orElseThrow();
    }

    Loop loop() {
        return COMPLAINTS.get(field(1, ""));
    }

    double celsius() {
        return Double.parseDouble(field(2, "20"));
    }

    /** What the customer says and what was entered. */
    Statements said() {
        List<Statement> said = new ArrayList<>();
        switch (field(1, "")) {
            case "slow" -> said.add(say(said, Topic.SYMPTOM, "SLOW"));
            case "click" -> said.add(say(said, Topic.SYMPTOM, "CLICK"));
            case "check" -> said.add(say(said, Topic.CHARGING_SYMPTOM, "CHECK"));
            case "overcharges" -> said.add(say(said, Topic.CHARGING_SYMPTOM, "OVERCHARGES"));
            case "lamp" -> said.add(say(said, Topic.CHARGING_SYMPTOM, "LAMP_ON"));
            default -> said.add(say(said, Topic.CHARGING_SYMPTOM, "NOT_CHARGING"));
        }
        for (String entered : vehicle.split(", ")) {
            String[] word = entered.split(" ");
            Optional.ofNullable(ENTERED.get(word[0])).ifPresent(t -> said.add(say(said, t, word[1])));
        }
        return Statements.of(said);
    }

    private static Statement say(List<Statement> said, Topic topic, String value) {
        return new Statement(new UUID(9, said.size()), topic, value, "", said.size());
    }

    /** The record once so many of its readings were typed; what was asked about one is answered "as read". */
    CaseRecord record(int readings) {
        CaseRecord record = CaseRecord.of(circuit(), celsius(), List.of(), List.of(), List.of())
                .with(said());
        List<RecordedReading> all = new ArrayList<>();
        for (int i = 0; i < readings; i++) {
            Reading reading = reading(i);
            Optional<Slip> slip = record.asked(reading);
            all.add(new RecordedReading(reading, slip, slip.map(EverydayCase::answer), false));
            record = CaseRecord.of(circuit(), celsius(), all, List.of(), List.of())
                    .with(said());
        }
        return record;
    }

    private static Slip.Answer answer(Slip slip) {
        List<Slip.Answer> offered =
                slip.choices().stream().map(Slip.Choice::answer).toList();
        return offered.contains(Slip.Answer.CALLED) ? Slip.Answer.CALLED : Slip.Answer.AS_READ;
    }

    private Reading reading(int number) {
        String[] word = lines.get(number).split(" ");
        PointId[] pair = pair(circuit(), word[1]);
        Current current =
                word.length > 3 ? Current.of(Double.parseDouble(word[3]), Current.How.CLAMP) : Current.unknown();
        return new Reading(
                new UUID(0, number),
                pair[0],
                pair[1],
                Condition.valueOf(word[0].toUpperCase(Locale.ROOT)),
                TypedVolts.parse(word[2]),
                Statistic.SETTLED,
                current,
                Optional.empty(),
                false,
                1000 + number * STEP_MILLIS);
    }

    private static PointId[] pair(Circuit circuit, String words) {
        SeriesLoop loop = StartingLoop.of(circuit);
        Alternator a = circuit.alternator().orElseThrow();
        PointId stud = circuit.part(circuit.solenoid().orElseThrow().contacts())
                .orElseThrow()
                .from();
        PointId motor = loop.ends(Side.SUPPLY).getValue();
        return switch (words) {
            case "posts" -> new PointId[] {circuit.plusPost(), circuit.minusPost()};
            case "output" -> new PointId[] {a.output(), a.ground()};
            case "start-supply" -> new PointId[] {circuit.plusPost(), stud};
            case "start-sides" -> new PointId[] {circuit.plusPost(), motor};
            case "contacts" -> new PointId[] {stud, motor};
            case "start-return" -> new PointId[] {loop.ends(Side.RETURN).getKey(), circuit.minusPost()};
            case "charge-supply" -> new PointId[] {a.output(), circuit.plusPost()};
            case "charge-return" -> new PointId[] {circuit.minusPost(), a.ground()};
            default -> new PointId[] {PointId.of(words.split(">")[0]), PointId.of(words.split(">")[1])};
        };
    }

    @Override
    public String toString() {
        return title;
    }
}

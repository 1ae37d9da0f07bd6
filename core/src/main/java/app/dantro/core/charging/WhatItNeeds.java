package app.dantro.core.charging;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Loop;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.Answer;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.Repair;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Statements;
import app.dantro.core.record.Topic;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;

/**
 * What an alternator needs from outside, its belt and what its plug brings: a pin that was read says it like a tap, and
 * what was missing and then is there was put right, a repair like any other.
 */
public final class WhatItNeeds {
    private static final List<Topic> NEEDED = List.of(Topic.BELT_DRIVES, Topic.PLUG_FED);

    private static final Set<Topic> PINS = EnumSet.of(Topic.PIN_FEED, Topic.PIN_FEED_LOADED, Topic.PIN_SENSE);

    private final CaseRecord record;
    private final Statements said;

    private WhatItNeeds(CaseRecord record) {
        this.record = record;
        this.said = record.statements();
    }

    /**
     * The same case with what its pins say about the plug, and, of a charging job, what was put right among its repairs: a
     * starter is no other for a belt.
     */
    public static CaseRecord heard(CaseRecord record, Loop concern) {
        return record.circuit()
                .alternator()
                .map(a -> new WhatItNeeds(record).heard(a, concern))
                .orElse(record);
    }

    private CaseRecord heard(Alternator alternator, Loop concern) {
        List<Statement> all = new ArrayList<>();
        Set<Topic> missing = EnumSet.noneOf(Topic.class);
        for (Statement statement : said.history()) {
            all.add(statement);
            Topic topic = statement.topic();
            Optional<Answer> says = pin(statement);
            boolean back = says.isEmpty() && PINS.contains(topic) && missing.remove(topic);
            if (says.filter(Answer.NO::equals).isPresent()) {
                missing.add(topic);
            }
            says.or(() -> back ? Optional.of(Answer.YES) : Optional.empty())
                    .map(answer -> derived(statement, answer))
                    .ifPresent(all::add);
        }
        List<Repair> repairs = new ArrayList<>(record.repairs());
        List<Topic> needed = concern == Loop.CHARGING ? NEEDED : List.of();
        needed.forEach(topic -> putRight(alternator, topic, all).ifPresent(repairs::add));
        return new CaseRecord(
                record.circuit(),
                record.loop(),
                record.celsius(),
                record.readings(),
                repairs,
                record.tests(),
                Statements.of(all));
    }

    private static Statement derived(Statement pin, Answer answer) {
        return new Statement(pin.id(), Topic.PLUG_FED, answer.name(), pin.note(), pin.saidAtMillis());
    }

    /**
     * What a pin says of the plug: nothing arrives, or it carries a test lamp. Volts without a load prove no feed, but what was
     * read as missing is back with them.
     */
    private Optional<Answer> pin(Statement statement) {
        if (!PINS.contains(statement.topic()) || alone(statement).openLine(statement.topic())) {
            return Optional.empty();
        }
        double read = alone(statement).figure(statement.topic()).orElseThrow();
        return switch (statement.topic()) {
            case PIN_FEED ->
                byLamp() ? Optional.empty() : missing(figure(Topic.MAKER_FEED).or(this::battery), read);
            case PIN_SENSE -> missing(battery(), read);
            case PIN_FEED_LOADED -> underLamp(figure(Topic.PIN_FEED).or(this::battery), read);
            default -> Optional.empty();
        };
    }

    private static Statements alone(Statement statement) {
        return Statements.of(List.of(statement));
    }

    /** A lamp that lights feeds the field through this pin, which stands low as it should. */
    private boolean byLamp() {
        return said.says(Topic.LAMP_KEY_ON, Answer.LIGHTS);
    }

    private static Optional<Answer> missing(Optional<Double> must, double read) {
        return must.filter(v -> v - read > Marks.PIN_ALLOWED_VOLTS).map(v -> Answer.NO);
    }

    private static Optional<Answer> underLamp(Optional<Double> unloaded, double read) {
        return unloaded.map(v -> v - read)
                .flatMap(lost -> lost > Marks.LAMP_FAILS_VOLTS
                        ? Optional.of(Answer.NO)
                        : lost <= Marks.LAMP_FALL_VOLTS ? Optional.of(Answer.YES) : Optional.empty());
    }

    private Optional<Double> figure(Topic topic) {
        OptionalDouble value = said.figure(topic);
        return value.isPresent() ? Optional.of(value.getAsDouble()) : Optional.empty();
    }

    private Optional<Double> battery() {
        return record.posts(Condition.KEY_ON)
                .or(() -> record.posts(Condition.REST))
                .map(Reading::volts)
                .map(Math::abs);
    }

    /** The last time it was missing and then there; what is taken back at once was a wrong button. */
    private static Optional<Repair> putRight(Alternator alternator, Topic topic, List<Statement> all) {
        Optional<Statement> missing = Optional.empty();
        Optional<Repair> repair = Optional.empty();
        for (Statement statement : all) {
            if (statement.topic() != topic) {
                continue;
            }
            boolean lacks = alone(statement).says(topic, Answer.NO);
            long since = statement.saidAtMillis()
                    - missing.map(Statement::saidAtMillis).orElse(0L);
            if (!lacks && missing.isPresent() && since >= Marks.ASSUMED_LEAST_REPAIR_MILLIS) {
                // One of its own, and always the same.
                UUID said = statement.id();
                UUID id = new UUID(said.getMostSignificantBits(), ~said.getLeastSignificantBits());
                repair = Optional.of(new Repair(
                        id, alternator.id(), Repair.Action.PUT_RIGHT, topic.title(), statement.saidAtMillis()));
            }
            missing = lacks ? missing.or(() -> Optional.of(statement)) : Optional.empty();
        }
        return repair;
    }
}

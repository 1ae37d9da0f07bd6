package app.dantro.core.record;

import app.dantro.core.reading.Newest;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * What was said and seen about a vehicle.
 *
 * @param newest the newest of each topic
 * @param history all of them, in the order they were recorded
 */
public record Statements(Map<Topic, Statement> newest, List<Statement> history) {
    private static final Set<Answer> DOES_NOT_CRANK = EnumSet.of(Answer.NOTHING, Answer.CLICK, Answer.CHATTERS);

    private static final Set<Answer> TURNS =
            EnumSet.of(Answer.SLOW, Answer.DIES, Answer.INTERMITTENT, Answer.STARTS, Answer.CHECK);

    /** Of the units themselves, old and new. */
    private static final Set<Topic> PLATES = EnumSet.of(
            Topic.OLD_AMPS, Topic.OLD_PULLEY, Topic.NEW_AMPS, Topic.NEW_PULLEY, Topic.OLD_ODOMETER, Topic.ODOMETER);

    public Statements {
        newest = Map.copyOf(newest);
        history = List.copyOf(history);
    }

    public static Statements none() {
        return new Statements(Map.of(), List.of());
    }

    /** @param recorded in the order they were recorded */
    public static Statements of(List<Statement> recorded) {
        Map<Topic, Statement> newest = new EnumMap<>(Topic.class);
        recorded.forEach(s -> newest.put(s.topic(), s));
        return new Statements(newest, recorded);
    }

    public Optional<Statement> about(Topic topic) {
        return Optional.ofNullable(newest.get(topic));
    }

    /** What held on a topic at a moment: the last thing said until then. */
    public Optional<Answer> at(Topic topic, long millis) {
        return history.stream()
                .filter(s -> s.topic() == topic && s.saidAtMillis() <= millis)
                .flatMap(s -> topic.answer(s.value()).stream())
                .reduce(Newest::of);
    }

    /** The answer that was given on a topic. */
    public Optional<Answer> answer(Topic topic) {
        return about(topic).flatMap(s -> topic.answer(s.value()));
    }

    /** @throws IllegalArgumentException if the topic does not offer the answer */
    public boolean says(Topic topic, Answer answer) {
        if (!topic.answers().contains(answer)) {
            throw new IllegalArgumentException(
                    "The topic (%s) offers %s, not (%s).".formatted(topic, topic.answers(), answer));
        }
        return answer(topic).filter(a -> a == answer).isPresent();
    }

    /** The same without numbers that were measured at or before a moment: a repair has outdated them. What a plate says lasts. */
    public Statements measuredAfter(long millis) {
        Map<Topic, Statement> kept = new EnumMap<>(Topic.class);
        newest.forEach((topic, s) -> {
            if (topic.figure().isEmpty() || topic.ofVehicle() || PLATES.contains(topic) || s.saidAtMillis() > millis) {
                kept.put(topic, s);
            }
        });
        return new Statements(kept, history);
    }

    /** A stated number in its topic's unit; empty if none was stated, or an open line. */
    public OptionalDouble figure(Topic topic) {
        return about(topic)
                .map(s -> topic.figure().orElseThrow().value(s.value()))
                .orElse(OptionalDouble.empty());
    }

    /** True if a meter showed an open line. */
    public boolean openLine(Topic topic) {
        return about(topic).isPresent() && figure(topic).isEmpty();
    }

    /** Whether the engine can be started by its own starter, by what the customer says. */
    public Optional<Boolean> starts() {
        return answer(Topic.SYMPTOM)
                .flatMap(symptom -> DOES_NOT_CRANK.contains(symptom)
                        ? Optional.of(false)
                        : symptom == Answer.STARTS ? Optional.of(true) : Optional.empty());
    }

    /** True if somebody said why the vehicle came, and how it cranks is not the reason. */
    public boolean cranksWithoutComplaint() {
        Optional<Answer> symptom = answer(Topic.SYMPTOM);
        boolean said = symptom.isPresent() || about(Topic.CHARGING_SYMPTOM).isPresent();
        return said
                && symptom.filter(s -> s != Answer.STARTS && s != Answer.CHECK).isEmpty();
    }

    /** True if the starter turns the engine, by what the customer says. */
    public boolean turns() {
        return answer(Topic.SYMPTOM).filter(TURNS::contains).isPresent();
    }

    /** Items that were undone and are not restored yet, in the order of their topics. */
    public List<Topic> open() {
        return Topic.of(Topic.Group.TWO_ENDED).stream()
                .filter(t -> says(t, Answer.OPEN))
                .toList();
    }
}

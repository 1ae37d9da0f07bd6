package app.dantro.server.view;

import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.ProbePoint;
import app.dantro.core.reading.Newest;
import app.dantro.core.record.Figure;
import app.dantro.core.record.OutOfReach;
import app.dantro.core.record.Statement;
import app.dantro.core.record.Topic;
import app.dantro.server.store.StoredCase;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;

/**
 * A topic with what may be stated and what was.
 *
 * @param choices empty if words or a number are stated
 * @param unit of the number, if one is stated
 */
public record StatementView(
        Topic topic,
        Topic.Group group,
        String title,
        List<ChoiceView> choices,
        Optional<String> unit,
        Optional<StatedView> stated) {

    /** A value that may be stated. */
    public record ChoiceView(String value, String words) {}

    /** What was stated last. */
    public record StatedView(UUID id, String value, String words, String note, String by, long atMs) {}

    /** What is seen or tried for a proof is asked for by its step, and stands here once it was stated: it can be undone. */
    static List<StatementView> of(StoredCase file) {
        return Arrays.stream(Topic.values())
                .map(t -> of(file, t))
                .filter(v -> v.group() != Topic.Group.PROOF || v.stated().isPresent())
                .toList();
    }

    private static StatementView of(StoredCase file, Topic topic) {
        return new StatementView(
                topic,
                topic.group(),
                topic.title(),
                topic.answers().stream()
                        .map(a -> new ChoiceView(a.name(), topic.words(a)))
                        .toList(),
                topic.figure().map(Figure::unit),
                file.standing().stream()
                        .filter(s -> s.statement().topic() == topic)
                        .reduce(Newest::of)
                        .map(s -> stated(file, s.statement(), s.saidBy())));
    }

    private static StatedView stated(StoredCase file, Statement s, String by) {
        return new StatedView(s.id(), s.value(), words(file, s), s.note(), by, s.saidAtMillis());
    }

    /** Points and parts are spoken by their names. */
    private static String words(StoredCase file, Statement s) {
        return switch (s.topic()) {
            case OUT_OF_REACH ->
                file.circuit().points().stream()
                        .filter(p -> OutOfReach.stated(s.value()).contains(p.id().value()))
                        .map(ProbePoint::name)
                        .collect(Collectors.joining(", "));
            case OPENED ->
                file.circuit().parts().stream()
                        .filter(p -> p.id().value().equals(s.value()))
                        .map(Part::name)
                        .findFirst()
                        .orElse(s.value().equals(OutOfReach.NONE) ? "none of them" : s.value());
            default -> s.topic().words(s.value());
        };
    }
}

package app.dantro.server.vehicle;

import app.dantro.core.record.Answer;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.Topic;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/** What the odometers of a vehicle's visits say together. */
final class Odometers {
    private static final DateTimeFormatter DAY =
            DateTimeFormatter.ofPattern("d MMM yyyy", Locale.UK).withZone(ZoneId.systemDefault());

    private Odometers() {}

    /**
     * What is asked where an odometer ran backwards.
     *
     * @param now the visit
     * @param others the vehicle's other visits
     * @return empty if it did not, or if somebody said that the unit was replaced
     */
    static Optional<String> asked(PastVisit now, List<PastVisit> others) {
        CaseRecord record = now.evidence();
        OptionalDouble stands = record.statements().figure(Topic.ODOMETER);
        if (stands.isEmpty()
                || record.statements().answer(Topic.ODOMETER_REPLACED).equals(Optional.of(Answer.YES))) {
            return Optional.empty();
        }
        return others.stream()
                .filter(o -> o.openedAtMs() < now.openedAtMs())
                .filter(o -> o.evidence().statements().figure(Topic.ODOMETER).isPresent())
                .max(Comparator.comparingLong(o -> o.openedAtMs()))
                .filter(o -> o.evidence().statements().figure(Topic.ODOMETER).getAsDouble() > stands.getAsDouble())
                .map(o -> "The odometer stood at %s on %s and at %s now."
                        .formatted(
                                words(o.evidence()), DAY.format(Instant.ofEpochMilli(o.openedAtMs())), words(record)));
    }

    private static String words(CaseRecord record) {
        return Topic.ODOMETER.words(
                record.statements().about(Topic.ODOMETER).orElseThrow().value());
    }
}

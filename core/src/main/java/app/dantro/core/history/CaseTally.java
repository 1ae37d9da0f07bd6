package app.dantro.core.history;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Battery;
import app.dantro.core.circuit.Device;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.Starter;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.record.Repair;
import app.dantro.core.record.Topic;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * What one case adds to the figures of a shop.
 *
 * @param readings taken before its first repair, or before it ended if nothing was repaired; struck ones too, for they were
 *     work
 * @param cranks at which they were taken
 * @param found kind of the part whose repair was verified; empty if none was
 * @param saved devices that came in as suspect and were cleared, in words
 */
public record CaseTally(int readings, int cranks, String found, List<String> saved) {
    /** Two meters on one crank: readings no further apart were taken together. */
    private static final long ASSUMED_ONE_CRANK_MILLIS = 8000;

    /** The devices a vehicle is brought for, as people call them. */
    private enum Suspect {
        BATTERY("battery", "batter(y|ies)"),
        STARTER("starter", "starters?( motor)?"),
        ALTERNATOR("alternator", "alternators?|generators?|dynamos?|regulators?");

        private final String name;
        private final Pattern called;

        Suspect(String name, String called) {
            this.name = name;
            this.called = Pattern.compile("(?i)\\b(" + called + ")\\b");
        }
    }

    public CaseTally {
        saved = List.copyOf(saved);
    }

    /**
     * The tally of a case.
     *
     * @param complaint in the customer's words
     * @param verified true if its repair was
     * @param cleared parts and devices that the case clears
     */
    public static CaseTally of(CaseRecord record, String complaint, boolean verified, Set<PartId> cleared) {
        long until =
                record.repairs().stream().mapToLong(Repair::doneAtMillis).min().orElse(Long.MAX_VALUE);
        List<Reading> taken = record.readings().stream()
                .map(RecordedReading::reading)
                .filter(r -> r.takenAtMillis() <= until)
                .toList();
        return new CaseTally(
                taken.size(),
                cranks(taken),
                verified ? newest(record).map(r -> kind(record, r.part())).orElse("") : "",
                suspects(record, complaint)
                        .filter(d -> cleared.stream()
                                .anyMatch(p -> suspectOf(record, p).equals(Optional.of(d))))
                        .map(d -> d.name)
                        .toList());
    }

    private static Optional<Repair> newest(CaseRecord record) {
        List<Repair> all = record.repairs();
        return all.isEmpty() ? Optional.empty() : Optional.of(all.get(all.size() - 1));
    }

    private static int cranks(List<Reading> taken) {
        int cranks = 0;
        long last = Long.MIN_VALUE / 2;
        for (long at : taken.stream()
                .filter(r -> r.condition().starterCalled())
                .mapToLong(Reading::takenAtMillis)
                .sorted()
                .toArray()) {
            cranks += at - last > ASSUMED_ONE_CRANK_MILLIS ? 1 : 0;
            last = at;
        }
        return cranks;
    }

    /** What kind of thing a part is: a joint, a cable, or the device itself. */
    private static String kind(CaseRecord record, PartId part) {
        Optional<Part> wiring = record.circuit().parts().stream()
                .filter(p -> p.id().equals(part))
                .findFirst();
        return wiring.map(p -> p.kind().word())
                .or(() -> suspectOf(record, part).map(d -> d.name))
                .orElse("other");
    }

    private static Stream<Suspect> suspects(CaseRecord record, String complaint) {
        String said = Stream.concat(
                        Stream.of(complaint),
                        record.statements().about(Topic.OUTSIDE).stream().map(s -> s.value()))
                .reduce("", (a, b) -> a + " " + b);
        return Stream.of(Suspect.values()).filter(d -> d.called.matcher(said).find());
    }

    private static Optional<Suspect> suspectOf(CaseRecord record, PartId part) {
        if (part.equals(record.loop().battery().id())) {
            return Optional.of(Suspect.BATTERY);
        }
        return record.circuit().devices().stream()
                .filter(d -> d.id().equals(part))
                .findFirst()
                .flatMap(CaseTally::suspect);
    }

    private static Optional<Suspect> suspect(Device device) {
        if (device instanceof Battery) {
            return Optional.of(Suspect.BATTERY);
        }
        if (device instanceof Starter) {
            return Optional.of(Suspect.STARTER);
        }
        return device instanceof Alternator ? Optional.of(Suspect.ALTERNATOR) : Optional.empty();
    }
}

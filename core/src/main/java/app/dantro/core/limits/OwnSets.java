package app.dantro.core.limits;

import app.dantro.core.circuit.Loop;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The shop's own sets of limits, every version of each. A reading is held against the version that was in force when it
 * was taken, so that a later change does not turn an old verdict.
 */
public record OwnSets(List<Version> versions) {

    /**
     * One version of a set.
     *
     * @param loop which it is for
     * @param number 1 for the first; a higher one replaces it
     * @param limits of a 12 V system; with neither limit the set is withdrawn
     * @param sinceMillis from when on it is in force, in epoch milliseconds
     */
    public record Version(Loop loop, int number, School limits, long sinceMillis) {
        public boolean withdrawn() {
            return limits.supplyVolts().isEmpty() && limits.returnVolts().isEmpty();
        }

        /** As it is shown beside a verdict. */
        private School named() {
            return new School(
                    limits.id(),
                    "%s, version %d".formatted(limits.name(), number),
                    limits.supplyVolts(),
                    limits.returnVolts(),
                    limits.notes());
        }
    }

    public OwnSets {
        versions = versions.stream()
                .sorted(Comparator.comparing((Version v) -> v.limits().name()).thenComparing(Version::number))
                .toList();
    }

    public static OwnSets none() {
        return new OwnSets(List.of());
    }

    /** The schools for a loop, then the shop's sets in the version in force at a time. */
    public List<School> schools(Loop loop, long millis) {
        return Stream.concat(School.of(loop).stream(), at(loop, millis).stream())
                .toList();
    }

    /** Each set once, in the version in force at a time; a set made later with its first version. */
    public List<School> at(Loop loop, long millis) {
        return names(loop)
                .flatMap(name -> inForce(loop, name, millis).stream())
                .filter(v -> !v.withdrawn())
                .map(Version::named)
                .toList();
    }

    /** Each set that is not withdrawn, in its newest version. */
    public List<Version> current() {
        return versions.stream()
                .filter(v ->
                        newest(v.loop(), v.limits().name()).filter(v::equals).isPresent())
                .filter(v -> !v.withdrawn())
                .toList();
    }

    /** The newest version of a set, if there is one of that name. */
    public Optional<Version> newest(Loop loop, String name) {
        return of(loop, name).reduce((earlier, later) -> later);
    }

    private Optional<Version> inForce(Loop loop, String name, long millis) {
        return of(loop, name)
                .filter(v -> v.sinceMillis() <= millis)
                .reduce((earlier, later) -> later)
                .or(() -> of(loop, name).findFirst());
    }

    private Stream<String> names(Loop loop) {
        return versions.stream()
                .filter(v -> v.loop() == loop)
                .map(v -> v.limits().name())
                .distinct();
    }

    private Stream<Version> of(Loop loop, String name) {
        return versions.stream()
                .filter(v -> v.loop() == loop && v.limits().name().equals(name));
    }
}

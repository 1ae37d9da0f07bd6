package app.dantro.core.inference;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;

/**
 * All that speaks for or against a hypothesis.
 *
 * @param observations what instruments showed since the last repair that could have changed it; none is dropped, however
 *     many there are, but of very many the repeats come as their means
 * @param starts whether the engine can be started, if that is known
 * @param repaired true after a repair: then little is usually left
 * @param entered what is known of the vehicle beside readings
 * @param charged true if every battery was charged before the readings: then none is flat
 * @param experience what the shop's own verified repairs say of such a complaint
 */
public record Evidence(
        List<Observation> observations,
        Complaint complaint,
        Optional<Boolean> starts,
        boolean repaired,
        boolean charged,
        Entered entered,
        Experience experience) {
    public Evidence {
        Objects.requireNonNull(experience, "experience");
        Objects.requireNonNull(entered, "entered");
        Objects.requireNonNull(complaint, "complaint");
        Objects.requireNonNull(starts, "starts");
        Set<Object> seen = new HashSet<>();
        observations = observations.stream()
                .filter(o -> seen.add(Map.entry(o.reading(), o.what())))
                .toList();
        observations = Repeats.merged(observations);
    }

    /** Evidence of batteries that nobody charged. */
    public Evidence(List<Observation> observations, Complaint complaint, Optional<Boolean> starts, boolean repaired) {
        this(observations, complaint, starts, repaired, false);
    }

    /** Evidence of a vehicle that nothing else is known of. */
    public Evidence(
            List<Observation> observations,
            Complaint complaint,
            Optional<Boolean> starts,
            boolean repaired,
            boolean charged) {
        this(observations, complaint, starts, repaired, charged, Entered.nothing(), Experience.none());
    }

    public static Evidence of(List<Observation> observations) {
        return new Evidence(observations, Complaint.UNKNOWN, Optional.empty(), false);
    }

    /**
     * True if a minus was ever typed: then a missing one means something. Who never types one writes sizes, and a drop
     * counts by its size, whichever way the leads were (docs/everyday.md, the sign of a drop).
     */
    public boolean signed() {
        return observations.stream().anyMatch(o -> o.value() < 0);
    }

    /** The same before anything was read. */
    public Evidence withoutReadings() {
        return new Evidence(List.of(), complaint, starts, repaired, charged, entered, experience);
    }

    /** The same by what is written alone. */
    Evidence asWritten() {
        return new Evidence(observations, complaint, starts, repaired, charged, entered, Experience.none());
    }

    /** The same without what one reading showed. */
    public Evidence without(java.util.UUID reading) {
        return new Evidence(
                observations.stream().filter(o -> !o.reading().equals(reading)).toList(),
                complaint,
                starts,
                repaired,
                charged,
                entered,
                experience);
    }
}

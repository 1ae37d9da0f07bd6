package app.dantro.core.circuit;

import java.util.Objects;

/**
 * A place where a lead can be put.
 *
 * @param name as spoken, "starter battery stud"
 * @param label as written on the profile, "battery stud"
 * @param placing where exactly the tip goes, "the stud's own thread, not the nut or the ring"
 */
public record ProbePoint(PointId id, String name, String label, String placing, Access access) {
    public ProbePoint {
        Objects.requireNonNull(id, "id");
        name = Identifiers.words(name, "name of probe point " + id);
        label = Identifiers.words(label, "label of probe point " + id);
        placing = Identifiers.words(placing, "placing of probe point " + id);
        Objects.requireNonNull(access, "access");
    }
}

package app.dantro.core.finding;

import app.dantro.core.circuit.PartId;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * Where a part stands.
 *
 * @param says the reason in one or two sentences, with the arithmetic
 * @param readings the readings that carry it
 * @param missing what is still missing before it could be called cleared or faulty
 * @param suspicion what all readings together make of it, once they are judged
 */
public record PartFinding(
        PartId part,
        String name,
        Standing standing,
        String says,
        List<UUID> readings,
        List<String> missing,
        Optional<Suspicion> suspicion) {
    public PartFinding {
        readings = List.copyOf(readings);
        missing = List.copyOf(missing);
    }

    /** A finding by rules alone. */
    public PartFinding(
            PartId part, String name, Standing standing, String says, List<UUID> readings, List<String> missing) {
        this(part, name, standing, says, readings, missing, Optional.empty());
    }

    public PartFinding with(Suspicion by) {
        return new PartFinding(part, name, standing, says, readings, missing, Optional.of(by));
    }

    /** The same under another name, with a sentence more if it is suspect or faulty. */
    public PartFinding named(String other, String adds) {
        boolean alarmed = standing == Standing.SUSPECT || standing == Standing.FAULTY;
        String whole = alarmed && !adds.isEmpty() ? says + " " + adds : says;
        return new PartFinding(part, alarmed ? other : name, standing, whole, readings, missing, suspicion);
    }

    public PartFinding as(Standing other, String why, List<String> stillMissing) {
        return as(other, why, stillMissing, readings);
    }

    public PartFinding as(Standing other, String why, List<String> stillMissing, List<UUID> carriers) {
        return new PartFinding(part, name, other, why, carriers, stillMissing, suspicion);
    }
}

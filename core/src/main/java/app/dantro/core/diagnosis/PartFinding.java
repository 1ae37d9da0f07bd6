package app.dantro.core.diagnosis;

import app.dantro.core.circuit.PartId;
import java.util.List;
import java.util.UUID;

/**
 * Where a part stands.
 *
 * @param says the reason in one or two sentences, with the arithmetic
 * @param readings the readings that carry it
 * @param missing what is still missing before it could be called cleared or faulty
 */
public record PartFinding(
        PartId part, String name, Standing standing, String says, List<UUID> readings, List<String> missing) {
    public PartFinding {
        readings = List.copyOf(readings);
        missing = List.copyOf(missing);
    }
}

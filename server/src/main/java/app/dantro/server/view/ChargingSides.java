package app.dantro.server.view;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.Side;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** The parts of the charging loop's two sides. */
record ChargingSides(Set<PartId> supply, Set<PartId> returns) {
    static ChargingSides of(Circuit circuit) {
        return new ChargingSides(ids(circuit.chargingSupply()), ids(circuit.chargingReturn()));
    }

    private static Set<PartId> ids(List<Part> parts) {
        return parts.stream().map(Part::id).collect(Collectors.toSet());
    }

    Optional<Side> of(PartId part) {
        return supply.contains(part)
                ? Optional.of(Side.SUPPLY)
                : returns.contains(part) ? Optional.of(Side.RETURN) : Optional.empty();
    }
}

package app.dantro.core.circuit;

import java.util.List;

/** A member of the circuit that is more than a resistance. */
public sealed interface Device permits Battery, Starter, Solenoid, Alternator, Load, Pile {
    PartId id();

    /** As spoken, "second battery". */
    String name();

    /** The points it is connected to, sensing points included. */
    List<PointId> terminals();
}

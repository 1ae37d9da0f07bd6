package app.dantro.core.fact;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartKind;
import app.dantro.core.circuit.SeriesLoop;
import app.dantro.core.circuit.Side;
import app.dantro.core.circuit.Stretch;
import app.dantro.core.limits.SideLimit;
import java.util.List;
import java.util.Optional;

/**
 * Up to where a drop is no fault yet on some healthy vehicle, whatever the ready-made circuit says of its cables: a joint by
 * what accuses it, a side by twice what healthy ones have (docs/everyday.md, supply side cranking; here it must dare).
 */
record OrdinaryDrop(Circuit circuit, SeriesLoop loop, double celsius) {
    /** In V, at a current in A if one was measured. */
    double mostVolts(Stretch stretch, Optional<Double> amps) {
        if (stretch.parts().isEmpty()) {
            return 0;
        }
        Side side = loop.sideOf(stretch.parts().get(0).id());
        boolean contacts = stretch.parts().stream().anyMatch(p -> p.kind() == PartKind.CONTACTS);
        if (stretch.parts().size() == 1) {
            return one(stretch, side, contacts, amps);
        }
        List<Part> whole = side == Side.SUPPLY ? loop.supply() : loop.returns();
        boolean all = stretch.parts().size() == whole.size();
        double ohms = all
                ? SideLimit.FAULTY.ohms(circuit, side, contacts)
                : Marks.PIECE_SHARE * SideLimit.HEALTHY.ohms(circuit, side, contacts);
        double volts = (all ? Marks.SIDE_VOLTS : Marks.PIECE_VOLTS) + (contacts ? Marks.CONTACTS_VOLTS : 0);
        return amps.map(a -> a * ohms).orElse(volts * circuit.blocks());
    }

    private double one(Stretch stretch, Side side, boolean contacts, Optional<Double> amps) {
        PartKind kind = stretch.parts().get(0).kind();
        if (contacts) {
            return amps.map(a -> a * SideLimit.CONTACTS_OHMS).orElse(Marks.CONTACTS_VOLTS);
        }
        if (kind == PartKind.CABLE || kind == PartKind.STRAP) {
            return amps.map(a -> a * Marks.PIECE_SHARE * SideLimit.HEALTHY.ohms(circuit, side, false))
                    .orElse(Marks.PIECE_VOLTS * circuit.blocks());
        }
        return amps.map(a ->
                        Math.max(Marks.JOINT_LEAST_VOLTS, a * Marks.JOINT_TIMES_HEALTHY * stretch.nominalOhms(celsius)))
                .orElse(Marks.JOINT_VOLTS);
    }
}

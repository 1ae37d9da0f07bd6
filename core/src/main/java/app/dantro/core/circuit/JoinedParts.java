package app.dantro.core.circuit;

import app.dantro.core.circuit.Resistance.Conductor;
import app.dantro.core.circuit.Resistance.Contact;

/** Two parts that become one where the point between them is left out. */
final class JoinedParts {
    private JoinedParts() {}

    /** One part between the two outer ends; it goes by the conductor's name if there is one. */
    static Part at(PointId point, Part one, Part other) {
        Part named = one.resistance() instanceof Conductor || !(other.resistance() instanceof Conductor) ? one : other;
        Part absorbed = named == one ? other : one;
        PointId outerOne = one.from().equals(point) ? one.to() : one.from();
        PointId outerOther = other.from().equals(point) ? other.to() : other.from();
        boolean forwards = one.to().equals(point);
        return new Part(
                named.id(),
                named.name(),
                named.kind(),
                forwards ? outerOne : outerOther,
                forwards ? outerOther : outerOne,
                absorbing(named.resistance(), absorbed.resistance()),
                one.gate() == Gate.ALWAYS ? other.gate() : one.gate(),
                named.fuseAmps().or(absorbed::fuseAmps));
    }

    private static Resistance absorbing(Resistance named, Resistance absorbed) {
        double ohms = absorbed.healthyAt(Material.REFERENCE_CELSIUS).nominalOhms();
        if (named instanceof Conductor c) {
            return new Conductor(
                    c.lengthMetres(), c.areaSquareMetres(), c.material(), c.logSpread(), c.jointOhms() + ohms);
        }
        ResistanceRange own = named.healthyAt(Material.REFERENCE_CELSIUS);
        return new Contact(new ResistanceRange(own.nominalOhms() + ohms, own.logSpread()));
    }
}

package app.dantro.core.finding;

import app.dantro.core.circuit.PartId;
import app.dantro.core.quantity.Reason;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;

/**
 * Where a part stands.
 *
 * @param by the rule that gave the standing
 * @param because why, with the arithmetic
 * @param readings the readings that carry it
 * @param missing what is still missing before it could be called cleared or faulty
 * @param suspicion what all readings together make of it, once they are judged
 */
public record PartFinding(
        PartId part,
        String name,
        Standing standing,
        StandingRule by,
        List<Reason> because,
        List<UUID> readings,
        List<Reason> missing,
        Optional<Suspicion> suspicion) {
    public PartFinding {
        Objects.requireNonNull(part, "part");
        Objects.requireNonNull(name, "name");
        Objects.requireNonNull(standing, "standing");
        Objects.requireNonNull(by, "by");
        Objects.requireNonNull(suspicion, "suspicion");
        because = List.copyOf(because);
        readings = List.copyOf(readings);
        missing = List.copyOf(missing);
    }

    /** A part that nothing has been said of yet. */
    public static PartFinding open(PartId part, String name) {
        return new PartFinding(
                part,
                name,
                Standing.NOT_PROVEN,
                StandingRule.BY_DROPS,
                List.of(),
                List.of(),
                List.of(),
                Optional.empty());
    }

    /** True if the part is suspect or faulty. */
    public boolean alarmed() {
        return standing == Standing.SUSPECT || standing == Standing.FAULTY;
    }

    /** The reasons as one text. */
    public String says() {
        return Reason.words(because);
    }

    public PartFinding as(Standing other, List<Reason> why) {
        return new PartFinding(part, name, other, by, why, readings, missing, suspicion);
    }

    public PartFinding as(Standing other, Reason... why) {
        return as(other, List.of(why));
    }

    public PartFinding by(StandingRule rule) {
        return new PartFinding(part, name, standing, rule, because, readings, missing, suspicion);
    }

    public PartFinding carriedBy(List<UUID> carriers) {
        return new PartFinding(part, name, standing, by, because, carriers, missing, suspicion);
    }

    public PartFinding carriedBy(UUID... carriers) {
        return carriedBy(List.of(carriers));
    }

    public PartFinding missing(List<Reason> still) {
        return new PartFinding(part, name, standing, by, because, readings, still, suspicion);
    }

    public PartFinding missing(Reason... still) {
        return missing(List.of(still));
    }

    public PartFinding with(Suspicion other) {
        return new PartFinding(part, name, standing, by, because, readings, missing, Optional.of(other));
    }

    /** The same under another name, with a reason more if it is suspect or faulty. */
    public PartFinding named(String other, Optional<Reason> adds) {
        if (!alarmed()) {
            return this;
        }
        List<Reason> all = new ArrayList<>(because);
        adds.ifPresent(all::add);
        return new PartFinding(part, other, standing, by, all, readings, missing, suspicion);
    }
}

package app.dantro.core.circuit;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A vehicle's circuit as a graph: probe points, the wiring between them, and the devices. Built only if it can work;
 * the error says which part stands in the way.
 *
 * @param systemVolts nominal voltage, 12 or 24
 * @param plusPost + post of the battery, or of the set of batteries
 * @param minusPost its − post: the reference of all potentials
 */
public record Circuit(
        String id,
        String title,
        double systemVolts,
        PointId plusPost,
        PointId minusPost,
        List<ProbePoint> points,
        List<Part> parts,
        List<Device> devices) {

    public Circuit {
        Identifiers.checked(id, "circuit id");
        title = Identifiers.words(title, "title of circuit " + id);
        Objects.requireNonNull(plusPost, "plusPost");
        Objects.requireNonNull(minusPost, "minusPost");
        points = List.copyOf(points);
        parts = List.copyOf(parts);
        devices = List.copyOf(devices);
        if (systemVolts != 12 && systemVolts != 24) {
            throw new IllegalArgumentException("The system voltage (%s V) must be 12 or 24.".formatted(systemVolts));
        }
        new CircuitCheck(id, minusPost, points, parts, devices).run();
        if (points.stream().map(ProbePoint::id).noneMatch(plusPost::equals)) {
            throw new IllegalArgumentException(
                    "The circuit's + post (%s) is not among its probe points.".formatted(plusPost));
        }
    }

    /** The battery's posts, all blocks between them. */
    public Pair posts() {
        return Pair.of(plusPost, minusPost);
    }

    /** Number of 12 V blocks in series. */
    public int blocks() {
        return (int) (systemVolts / 12);
    }

    public List<Battery> batteries() {
        return of(Battery.class).toList();
    }

    public Optional<Starter> starter() {
        return of(Starter.class).findFirst();
    }

    /** The two batteries of a pair in parallel; empty for one battery, or a set in series. */
    public Optional<List<Battery>> pair() {
        return blocks() == 1 && batteries().size() == 2 ? Optional.of(batteries()) : Optional.empty();
    }

    public Optional<Solenoid> solenoid() {
        return of(Solenoid.class).findFirst();
    }

    public Optional<Alternator> alternator() {
        return of(Alternator.class).findFirst();
    }

    /** What regulates the alternator, if there is one. */
    public Optional<Regulator> regulator() {
        return alternator().map(a -> Regulator.of(this, a));
    }

    /** True if there are glow plugs: their draw has to end before a charging voltage means anything. */
    public boolean glows() {
        return of(Load.class).anyMatch(Load::glow);
    }

    public Optional<ProbePoint> point(PointId point) {
        return points.stream().filter(p -> p.id().equals(point)).findFirst();
    }

    public Optional<Part> part(PartId part) {
        return parts.stream().filter(p -> p.id().equals(part)).findFirst();
    }

    public Optional<Device> device(PartId device) {
        return devices.stream().filter(d -> d.id().equals(device)).findFirst();
    }

    /** Name of a part or device, as spoken. */
    public Optional<String> nameOf(PartId any) {
        return part(any).map(Part::name).or(() -> device(any).map(Device::name));
    }

    /** Starting, + post to motor stud. */
    public List<Part> startingSupply() {
        return starter().map(s -> Route.of(this, plusPost, s.motorStud())).orElse(List.of());
    }

    /** Starting, starter case to − post. */
    public List<Part> startingReturn() {
        return starter().map(s -> Route.of(this, s.starterCase(), minusPost)).orElse(List.of());
    }

    /** Charging, B+ stud to + post. */
    public List<Part> chargingSupply() {
        return alternator().map(a -> Route.of(this, a.output(), plusPost)).orElse(List.of());
    }

    /** The cable that carries all that the alternator makes. */
    public Optional<Part> chargeCable() {
        return chargingSupply().stream().filter(p -> p.kind() == PartKind.CABLE).findFirst();
    }

    /** Charging, − post to alternator case. */
    public List<Part> chargingReturn() {
        return alternator().map(a -> Route.of(this, minusPost, a.ground())).orElse(List.of());
    }

    /** The way between two points, through wiring only; empty if there is none. */
    public List<Part> way(PointId from, PointId to) {
        return Route.of(this, from, to);
    }

    /** The control circuit, from the supply to the solenoid's trigger. */
    public List<Part> control() {
        List<Part> all =
                solenoid().map(s -> Route.of(this, plusPost, s.trigger())).orElse(List.of());
        List<Part> shared = new ArrayList<>(chargingSupply());
        shared.addAll(startingSupply());
        return all.stream()
                .filter(p -> shared.stream().noneMatch(s -> s.id().equals(p.id())))
                .toList();
    }

    private <T extends Device> Stream<T> of(Class<T> kind) {
        return devices.stream().filter(kind::isInstance).map(kind::cast);
    }
}

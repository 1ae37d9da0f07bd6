package app.dantro.server.circuit;

import app.dantro.core.circuit.Access;
import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Battery;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Device;
import app.dantro.core.circuit.Material;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartKind;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.ProbePoint;
import app.dantro.core.circuit.Resistance;
import app.dantro.core.circuit.Side;
import app.dantro.core.limits.School;
import app.dantro.core.network.Expectation;
import app.dantro.core.network.VehicleState;
import app.dantro.core.profile.HealthyRun;
import app.dantro.server.store.CaseCircuit;
import app.dantro.server.store.CaseHead;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** A circuit as ordered lists along its loops, with what a healthy one loses while cranking and while charging. */
public record CircuitView(
        String vehicle,
        int version,
        String title,
        double systemVolts,
        double celsius,
        String sensing,
        List<RunView> runs,
        List<CircuitDeviceView> devices) {

    /** Why a run is shown. */
    public enum RunKind {
        STARTING_SUPPLY,
        STARTING_RETURN,
        CHARGING_SUPPLY,
        CHARGING_RETURN,
        CONTROL,
        OTHER
    }

    /**
     * Parts in the order the current takes them.
     *
     * @param totalVolts what a healthy run loses in its own condition, contacts of the solenoid left out
     * @param limits what the schools allow for it
     */
    public record RunView(
            RunKind kind,
            String title,
            List<CircuitPartView> parts,
            Optional<Double> totalVolts,
            List<CircuitLimitView> limits) {}

    /** A school's limit, and whether the healthy total keeps it. */
    public record CircuitLimitView(String school, double volts, boolean kept) {}

    /** A part with its insides and its expected drops; {@code shareVolts} is a conductor's share of the strictest limit. */
    public record CircuitPartView(
            String id,
            String name,
            String kind,
            CircuitPointView from,
            CircuitPointView to,
            Optional<Double> lengthMetres,
            Optional<Double> areaSquareMetres,
            Optional<Material> material,
            double jointOhms,
            double nominalOhms,
            Optional<Double> fuseAmps,
            Optional<Double> shareVolts,
            ExpectedDropView cranking,
            ExpectedDropView charging) {}

    /** A probe point; {@code leaveOut} is true if it could be left out. */
    public record CircuitPointView(String id, String name, Access access, boolean leaveOut) {}

    /** Expected current and drop of a healthy part, with the range of 95 % of healthy vehicles. */
    public record ExpectedDropView(double amps, double volts, double lowVolts, double highVolts) {}

    /** A device in words. */
    public record CircuitDeviceView(String id, String name, String says) {}

    static CircuitView of(CaseHead record, CaseCircuit onCircuit) {
        return new Writer(onCircuit.circuit(), record.celsius()).write(record.vehicle(), onCircuit.version());
    }

    private static final class Writer {
        private final Circuit circuit;
        private final double celsius;
        private final Expectation cranking;
        private final Expectation charging;

        Writer(Circuit circuit, double celsius) {
            this.circuit = circuit;
            this.celsius = celsius;
            VehicleState state = VehicleState.healthyAt(celsius);
            this.cranking = expected(Condition.CRANKING, state);
            this.charging = expected(Condition.RAISED_LOADED, state);
        }

        private Expectation expected(Condition condition, VehicleState state) {
            return Expectation.of(circuit, condition, state)
                    .orElseThrow(() -> new IllegalArgumentException(
                            "The circuit has no operating point while %s. Check what was changed last."
                                    .formatted(condition.words())));
        }

        CircuitView write(String vehicle, int version) {
            List<RunView> runs = new ArrayList<>();
            runs.add(side(RunKind.STARTING_SUPPLY, "Starting, supply side", circuit.startingSupply(), Side.SUPPLY));
            runs.add(side(RunKind.STARTING_RETURN, "Starting, return side", circuit.startingReturn(), Side.RETURN));
            runs.add(side(RunKind.CHARGING_SUPPLY, "Charging, supply side", circuit.chargingSupply(), Side.SUPPLY));
            runs.add(side(RunKind.CHARGING_RETURN, "Charging, return side", circuit.chargingReturn(), Side.RETURN));
            runs.add(list(RunKind.CONTROL, "Start control", circuit.control()));
            runs.add(list(RunKind.OTHER, "Grounds, links and other wires", others(runs)));
            runs.removeIf(r -> r.parts().isEmpty());
            return new CircuitView(
                    vehicle, version, circuit.title(), circuit.systemVolts(), celsius, sensing(), runs, devices());
        }

        private List<Part> others(List<RunView> runs) {
            Set<String> shown = new HashSet<>();
            runs.forEach(r -> r.parts().forEach(p -> shown.add(p.id())));
            return circuit.parts().stream()
                    .filter(p -> !shown.contains(p.id().value()))
                    .toList();
        }

        private RunView list(RunKind kind, String title, List<Part> parts) {
            return new RunView(
                    kind,
                    title,
                    parts.stream().map(p -> part(p, Optional.empty())).toList(),
                    Optional.empty(),
                    List.of());
        }

        private RunView side(RunKind kind, String title, List<Part> parts, Side which) {
            boolean starting = kind == RunKind.STARTING_SUPPLY || kind == RunKind.STARTING_RETURN;
            HealthyRun run = HealthyRun.of(
                    circuit,
                    parts,
                    which,
                    starting ? School.starting() : School.charging(),
                    starting ? cranking : charging);
            return new RunView(
                    kind,
                    title,
                    parts.stream().map(p -> part(p, run.shareVolts(p))).toList(),
                    Optional.of(run.totalVolts()),
                    run.limits().stream()
                            .map(l -> new CircuitLimitView(l.school(), l.volts(), l.kept()))
                            .toList());
        }

        private CircuitPartView part(Part part, Optional<Double> shareVolts) {
            Optional<Resistance.Conductor> conductor =
                    part.resistance() instanceof Resistance.Conductor c ? Optional.of(c) : Optional.empty();
            return new CircuitPartView(
                    part.id().value(),
                    part.name(),
                    part.kind().word(),
                    point(part.from()),
                    point(part.to()),
                    conductor.map(Resistance.Conductor::lengthMetres),
                    conductor.map(Resistance.Conductor::areaSquareMetres),
                    conductor.map(Resistance.Conductor::material),
                    conductor.map(Resistance.Conductor::jointOhms).orElse(0.0),
                    part.resistance().healthyAt(celsius).nominalOhms(),
                    part.fuseAmps(),
                    shareVolts,
                    drop(cranking, part),
                    drop(charging, part));
        }

        private ExpectedDropView drop(Expectation in, Part part) {
            Expectation.Range range = in.range(part.from(), part.to());
            double amps = in.nominal().amps(part.id());
            // a part turned to follow the current carries it forwards
            boolean turned = circuit.part(part.id())
                    .filter(p -> p.from().equals(part.to()))
                    .isPresent();
            return new ExpectedDropView(turned ? -amps : amps, range.volts(), range.lowVolts(), range.highVolts());
        }

        private CircuitPointView point(PointId id) {
            ProbePoint point = circuit.point(id).orElseThrow();
            long meeting = circuit.parts().stream().filter(p -> p.touches(id)).count();
            boolean free =
                    circuit.devices().stream().noneMatch(d -> d.terminals().contains(id));
            boolean contacts = circuit.parts().stream().anyMatch(p -> p.touches(id) && p.kind() == PartKind.CONTACTS);
            return new CircuitPointView(id.value(), point.name(), point.access(), meeting == 2 && free && !contacts);
        }

        private String sensing() {
            return circuit.alternator()
                    .map(a -> "%s against %s"
                            .formatted(name(a.sense().plus()), name(a.sense().minus())))
                    .orElse("no alternator");
        }

        private String name(PointId id) {
            return circuit.point(id).orElseThrow().name();
        }

        private List<CircuitDeviceView> devices() {
            return circuit.devices().stream()
                    .map(d -> new CircuitDeviceView(d.id().value(), d.name(), says(d)))
                    .filter(d -> !d.says().isEmpty())
                    .toList();
        }

        private String says(Device device) {
            if (device instanceof Battery b) {
                return "%s mΩ, %s Ah".formatted(milli(b.internalOhms().nominalOhms()), whole(b.ampHours()));
            }
            if (device instanceof Alternator a) {
                return "%s A, %s V, senses %s"
                        .formatted(whole(a.rating().maxAmps()), a.regulation().setpointVolts(), sensing());
            }
            return "";
        }

        private static String milli(double ohms) {
            return String.valueOf(Math.round(ohms * 1e4) / 10.0);
        }

        private static long whole(double value) {
            return Math.round(value);
        }
    }
}

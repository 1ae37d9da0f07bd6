package app.dantro.core.kit;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Device;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.Sensing;
import app.dantro.core.kit.Layout.Charge;
import app.dantro.core.kit.Layout.Place;
import app.dantro.core.kit.Layout.Return;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** Circuits that can be taken as they are, or adjusted (docs/job.md, circuits). */
public final class ReadyMadeCircuits {
    private static final Layout CAR = Layout.usual(VehicleClass.CAR);
    private static final Map<String, Entry> ENTRIES = entries();

    private ReadyMadeCircuits() {}

    private record Entry(String title, Layout layout) {}

    /** What can be chosen: id and title, in the order to show them. */
    public static Map<String, String> titles() {
        Map<String, String> titles = new LinkedHashMap<>();
        ENTRIES.forEach((id, entry) -> titles.put(id, entry.title));
        return titles;
    }

    /** The ids of the small reference circuits, which files may name too. */
    public static List<String> references() {
        return List.of("reference-car", "reference-truck", "reference-motorcycle", "reference-twin-diesel");
    }

    /** What a part is called in the first ready-made circuit that has it; its id in a circuit of one's own. */
    public static String nameOf(PartId part) {
        return ENTRIES.keySet().stream()
                .flatMap(id -> named(id).stream())
                .flatMap(circuit -> Stream.concat(
                        circuit.part(part).map(Part::name).stream(), circuit.device(part).map(Device::name).stream()))
                .findFirst()
                .orElse(part.value());
    }

    /** A ready-made or reference circuit, if there is one of that id. */
    public static Optional<Circuit> named(String id) {
        Entry entry = ENTRIES.get(id);
        return entry != null
                ? Optional.of(LayoutBuilder.build(id, entry.title, entry.layout))
                : ReferenceCircuits.named(id).map(c -> ReferenceCircuits.of(c, Sensing.INTERNAL));
    }

    /**
     * The reference circuit of a class, for a regulator that senses as said.
     *
     * @throws IllegalArgumentException if there is no reference circuit of that id
     */
    public static Circuit reference(String id, Sensing sensing) {
        return ReferenceCircuits.of(
                ReferenceCircuits.named(id)
                        .orElseThrow(() -> new IllegalArgumentException(
                                "There is no reference circuit (%s). There are: %s.".formatted(id, references()))),
                sensing);
    }

    /** A 12 V petrol van whose battery's ground cable ends on the body only. */
    public static Circuit petrolBodyReturn() {
        return named("petrol-body-return").orElseThrow();
    }

    private static Map<String, Entry> entries() {
        Map<String, Entry> all = new LinkedHashMap<>();
        all.put("petrol-car", new Entry("Petrol car, 12 V", CAR));
        all.put("petrol-body-return", new Entry("Petrol, battery − on the body only", CAR.returning(Return.BODY)));
        all.put("diesel-glow", new Entry("Diesel with glow plugs", CAR.withGlowPlugs()));
        all.put(
                "twin-battery-diesel",
                new Entry("Diesel, two batteries in parallel", Layout.usual(VehicleClass.TWIN_DIESEL)));
        all.put("truck-24v", new Entry("Truck, 24 V, master switch", Layout.usual(VehicleClass.TRUCK)));
        all.put(
                "motorcycle",
                new Entry("Motorcycle or quad, separate rectifier-regulator", Layout.usual(VehicleClass.MOTORCYCLE)));
        all.put(
                "battery-boot",
                new Entry("Battery in the boot", CAR.at(Place.BOOT).returning(Return.BODY)));
        all.put("battery-behind-cab", new Entry("Battery behind the cab", CAR.at(Place.BEHIND_CAB)));
        all.put(
                "computer-regulated",
                new Entry("Charging by the engine computer", CAR.sensing(Sensing.COMPUTER_CHASSIS)));
        all.put("external-regulator", new Entry("External regulator", CAR.sensing(Sensing.EXTERNAL)));
        all.put("remote-sensing", new Entry("Alternator with a sense wire", CAR.sensing(Sensing.REMOTE)));
        all.put("side-terminals", new Entry("Side terminals, remote post", CAR.at(Place.SIDE_TERMINALS)));
        all.put("charge-direct", new Entry("B+ straight to the battery", CAR.charging(Charge.BATTERY)));
        all.put("charge-by-starter", new Entry("B+ by the starter stud", CAR.charging(Charge.STARTER_STUD)));
        all.put("charge-by-junction", new Entry("B+ by a junction post", CAR.charging(Charge.JUNCTION_POST)));
        all.put("charge-fusible-link", new Entry("B+ by a fusible link", CAR.charging(Charge.FUSIBLE_LINK)));
        return all;
    }
}

package app.dantro.core.world;

import app.dantro.core.circuit.Alternator;
import app.dantro.core.circuit.Battery;
import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartKind;
import app.dantro.core.network.OperatingPoint;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.IntStream;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/**
 * What healthy vehicles of the world read covers the rows of docs/everyday.md: for each the 1, 50 and 99 % points lie where
 * the row's range and its middle are. Amps and the battery's ohms in warmth. Two ends are milder than the row: posts while
 * cranking in warmth (10.3 V at 1 %), and what the starter of two batteries draws (490 A at 99 %).
 */
@Tag("long")
class EverydayRangesTest {
    private static final int VEHICLES = 10_000;

    /** Row: 1 % from … to, 50 % from … to, 99 % from … to. */
    private static final String ROWS = """
            base voltage            | 12.2 12.4   | 12.45 12.65 | 12.75 13.1
            lithium base            | 12.98 13.1  | 13.15 13.25 | 13.3 13.42
            key on under base       | 0.01 0.06   | 0.1 0.3     | 0.4 0.8
            lights on               | 10.9 11.4   | 11.9 12.3   | 12.4 12.7
            cranking volts in frost too | 9.2 9.9 | 10.8 11.5   | 11.8 12.2
            car cranking amps       | 65 95       | 130 200     | 280 420
            truck cranking amps     | 130 220     | 300 450     | 650 1050
            motorcycle cranking amps| 28 42       | 60 95       | 120 210
            twin cranking amps      | 190 260     | 300 420     | 480 720
            car battery ohms        | 2.9 5       | 6 9         | 12 17
            motorcycle battery ohms | 8 15        | 17 28       | 38 62
            car supply ohms         | 0.5 0.95    | 1.2 1.8     | 2.7 3.9
            car return ohms         | 0.3 0.55    | 0.6 1.0     | 1.7 2.6
            contacts ohms           | 0.25 0.45   | 0.6 0.95    | 1.5 2.2
            classic raised          | 13.5 13.9   | 14.1 14.5   | 14.8 15.3
            smart raised            | 11.9 12.6   | 13.0 14.0   | 14.8 15.3
            idle loaded             | 12.0 12.6   | 13.6 14.3   | 14.6 15.1
            charge amps after start | -40 1.5     | 2 8         | 18 100
            car charging supply ohms| 0.4 0.8     | 1.1 2.0     | 3.8 6.5
            car charging return ohms| 0.08 0.2    | 0.2 0.5     | 0.7 1.9
            after switch-off        | 12.25 12.55 | 12.7 13     | 13.1 13.4
            car standing mA         | 4 8         | 13 25       | 45 70
            ripple                  | 0.004 0.02  | 0.02 0.05   | 0.07 0.13
            """;

    private final Map<String, List<Double>> seen = new TreeMap<>();

    @Test
    void healthyVehiclesReadWhatTheRowsSay() {
        EverydayWorld world = new EverydayWorld(11);
        IntStream.range(0, VEHICLES).mapToObj(world::healthy).forEach(this::read);
        SoftAssertions rows = new SoftAssertions();
        for (String row : ROWS.lines().toList()) {
            String[] columns = row.split("\\|");
            List<Double> values = seen.get(columns[0].strip());
            Collections.sort(values);
            for (int i = 1; i <= 3; i++) {
                String[] range = columns[i].strip().split(" ");
                double share = List.of(0.01, 0.5, 0.99).get(i - 1);
                rows.assertThat(values.get((int) (share * values.size())))
                        .as("%s at %s of %s", columns[0].strip(), share, values.size())
                        .isBetween(Double.parseDouble(range[0]), Double.parseDouble(range[1]));
            }
        }
        rows.assertAll();
    }

    private void read(EverydayVehicle v) {
        Circuit c = v.circuit();
        boolean car = v.kind().equals("car12");
        String kind = v.kind().replaceAll("[0-9]", "").replace("moto", "motorcycle");
        double base = Double.NaN;
        for (Moment m : v.moments()) {
            OperatingPoint p = m.solved();
            double posts = p.between(c.plusPost(), c.minusPost()) / c.blocks();
            switch (m.condition()) {
                case REST -> {
                    base = posts;
                    add(v.build().cell().lithium() ? "lithium base" : "base voltage", posts);
                    add(kind + " standing mA", 1000 * battery(c, p));
                }
                case KEY_ON -> add("key on under base", base - posts);
                case ENGINE_OFF_LOAD -> add(v.build().cell().lithium() ? "lithium lights" : "lights on", posts);
                case CRANKING -> {
                    boolean warm = v.celsius() >= 15;
                    add(v.build().cell().lithium() ? "lithium cranking" : "cranking volts in frost too", posts);
                    if (warm) {
                        add(kind + " cranking amps", p.starterAmps());
                        add(kind + " battery ohms", 1000 * (base - posts) / p.starterAmps());
                    }
                    cranking(kind, c, p);
                }
                case IDLE_LOADED -> add("idle loaded", posts);
                case RAISED -> {
                    add((v.known().containsValue("smart") ? "smart" : strategy(v)) + " raised", posts);
                    add("charge amps after start", -battery(c, p));
                }
                case RAISED_LOADED -> loaded(kind, c, p, car ? m.rippleVolts() : Double.NaN);
                case AFTER_SWITCH_OFF -> add(v.build().cell().lithium() ? "lithium after" : "after switch-off", posts);
                default -> {}
            }
        }
    }

    private static String strategy(EverydayVehicle v) {
        return v.build().machine().charger().name().toLowerCase(java.util.Locale.ROOT);
    }

    private void cranking(String kind, Circuit c, OperatingPoint p) {
        double supply = 0;
        for (Part part : c.startingSupply()) {
            double milliohms = 1000 * p.between(part.from(), part.to()) / p.starterAmps();
            if (part.kind() == PartKind.CONTACTS) {
                add("contacts ohms", milliohms);
            } else {
                supply += milliohms;
            }
        }
        add(kind + " supply ohms", supply);
        double returns = p.between(c.starter().orElseThrow().starterCase(), c.minusPost());
        add(kind + " return ohms", 1000 * returns / p.starterAmps());
    }

    private void loaded(String kind, Circuit c, OperatingPoint p, double ripple) {
        Alternator machine = c.alternator().orElseThrow();
        double amps = p.amps(machine.id());
        add(kind + " charging supply ohms", 1000 * p.between(machine.output(), c.plusPost()) / amps);
        add(kind + " charging return ohms", -1000 * p.between(machine.ground(), c.minusPost()) / amps);
        if (!Double.isNaN(ripple)) {
            add("ripple", ripple);
        }
    }

    private static double battery(Circuit c, OperatingPoint p) {
        return c.batteries().stream().mapToDouble((Battery b) -> p.amps(b.id())).sum() / c.blocks();
    }

    private void add(String row, double value) {
        seen.computeIfAbsent(row, r -> new ArrayList<>()).add(value);
    }
}

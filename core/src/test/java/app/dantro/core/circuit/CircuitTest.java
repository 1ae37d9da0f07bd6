package app.dantro.core.circuit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.dantro.core.kit.ReadyMadeCircuits;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CircuitTest {
    private final Circuit car = ReadyMadeCircuits.named("petrol-car").orElseThrow();

    @Test
    void everyReadyMadeCircuitHasBothLoopsAndItsControl() {
        for (String id : ReadyMadeCircuits.titles().keySet()) {
            Circuit circuit = ReadyMadeCircuits.named(id).orElseThrow();
            assertThat(circuit.startingSupply()).as(id).hasSizeGreaterThanOrEqualTo(5);
            assertThat(circuit.startingReturn()).as(id).hasSizeGreaterThanOrEqualTo(5);
            assertThat(circuit.chargingSupply()).as(id).hasSizeGreaterThanOrEqualTo(4);
            assertThat(circuit.chargingReturn()).as(id).hasSizeGreaterThanOrEqualTo(5);
            assertThat(circuit.control()).as(id).extracting(p -> p.id().value()).contains("interlock", "start-relay");
        }
        assertThat(ReadyMadeCircuits.named("steam")).isEmpty();
    }

    @Test
    void theReturnTakesTheMainGroundCableAndTheStrapIsAParallelBranch() {
        assertThat(car.startingReturn())
                .extracting(p -> p.id().value())
                .containsExactly(
                        "starter-mount", "ground-joint-block", "ground-cable", "crimp-ground", "post-joint-minus");
        assertThat(car.part(PartId.of("engine-strap"))).isPresent();
    }

    @Test
    void refusesWhatCannotWorkWithThePartNamed() {
        assertThatThrownBy(() -> without("crimp-ground", "body-lead"))
                .hasMessageContaining("has no wiring from its terminal");
        assertThatThrownBy(() -> without("contacts")).hasMessageContaining("closes the part (contacts)");
        assertThatThrownBy(() -> new Circuit(
                        "t", "t", 12, car.plusPost(), car.minusPost(), car.points(), car.parts(), List.of()))
                .hasMessageContaining("no battery");
        assertThatThrownBy(() -> new Resistance.Conductor(0, 35e-6, Material.COPPER, 0.1))
                .hasMessageContaining("(0.0 m)");
        List<Device> reversed = new ArrayList<>(car.devices());
        reversed.add(new Battery(
                PartId.of("wrong"),
                "wrong",
                PointId.of("clamp-minus"),
                PointId.of("clamp-plus"),
                new ResistanceRange(0.006, 0.1),
                60,
                Optional.empty()));
        assertThatThrownBy(() ->
                        new Circuit("t", "t", 12, car.plusPost(), car.minusPost(), car.points(), car.parts(), reversed))
                .hasMessageContaining("(wrong")
                .hasMessageContaining("works against");
    }

    private Circuit without(String... ids) {
        List<String> gone = List.of(ids);
        List<Part> parts =
                car.parts().stream().filter(p -> !gone.contains(p.id().value())).toList();
        return new Circuit("t", "t", 12, car.plusPost(), car.minusPost(), car.points(), parts, car.devices());
    }

    @Test
    void aPointLeftOutKeepsTheResistanceOfItsTwoParts() {
        double before = ohms(car.startingSupply());
        Circuit shorter = new CircuitEdit.LeaveOut(PointId.of("cable-end-battery")).applyTo(car);
        assertThat(shorter.startingSupply()).hasSize(car.startingSupply().size() - 1);
        assertThat(ohms(shorter.startingSupply())).isCloseTo(before, within(1e-12));
        assertThat(shorter.part(PartId.of("starter-cable")).orElseThrow().from())
                .isEqualTo(PointId.of("clamp-plus"));
        assertThatThrownBy(() -> new CircuitEdit.LeaveOut(PointId.of("block")).applyTo(car))
                .hasMessageContaining("cannot be left out");
    }

    @Test
    void anAddedJointLiesInTheLoop() {
        Circuit longer =
                new CircuitEdit.AddJoint(PartId.of("starter-cable"), PartId.of("splice"), "splice", 1e-4).applyTo(car);
        assertThat(longer.startingSupply())
                .extracting(p -> p.id().value())
                .containsSubsequence("starter-cable", "splice", "stud-joint");
        Circuit back = new CircuitEdit.LeaveOut(PointId.of("splice-side")).applyTo(longer);
        assertThat(ohms(back.startingSupply())).isCloseTo(ohms(car.startingSupply()) + 1e-4, within(1e-12));
    }

    @Test
    void accessIsAMatterOfThePointAlone() {
        Circuit easier = new CircuitEdit.SetAccess(PointId.of("motor-stud"), Access.OPEN).applyTo(car);
        assertThat(easier.point(PointId.of("motor-stud")).orElseThrow().access())
                .isEqualTo(Access.OPEN);
        assertThat(easier.parts()).isEqualTo(car.parts());
    }

    @ParameterizedTest
    // length m, current A, allowed V, least mm² = 1.724e-8 · L · I / V, next size, gauge by its published area
    @CsvSource({
        "1.2, 350, 0.15, 48.27, 50, AWG 1/0",
        "1.6, 77, 0.10, 21.24, 25, AWG 3",
        "0.7, 20, 0.02, 12.07, 16, AWG 5"
    })
    void theSizerKeepsARunWithinItsShare(
            double metres, double amps, double volts, double leastMm2, double nextMm2, String gauge) {
        CableSizer.Run run = new CableSizer.Run(metres, amps, volts, Material.COPPER, 20);
        CableSizer.Sized sized = CableSizer.of(run);
        assertThat(sized.leastSquareMetres() * 1e6).isCloseTo(leastMm2, within(0.01));
        assertThat(sized.sizes().get(0).squareMetres() * 1e6).isCloseTo(nextMm2, within(1e-9));
        assertThat(sized.sizes().get(0).gauge()).isEqualTo(gauge);
        assertThat(sized.sizes()).allMatch(s -> s.dropVolts() <= volts);
    }

    @Test
    void theSizerSaysWhenNoStandardCableIsLargeEnough() {
        assertThat(CableSizer.of(new CableSizer.Run(20, 800, 0.1, Material.COPPER, 20))
                        .sizes())
                .isEmpty();
        assertThatThrownBy(() -> new CableSizer.Run(1, Double.NaN, 0.1, Material.COPPER, 20))
                .hasMessageContaining("current in A");
    }

    private static double ohms(List<Part> parts) {
        return parts.stream()
                .mapToDouble(p -> p.resistance().healthyAt(20).nominalOhms())
                .sum();
    }
}

package app.dantro.core.inference;

import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.ParallelWays;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.PointId;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.network.Fault;
import app.dantro.core.network.NetworkSolver;
import app.dantro.core.network.OperatingPoint;
import app.dantro.core.network.VehicleState;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Two bad grounds side by side: neither explains anything alone. */
class ParallelWaysTest {
    private static final Circuit CAR = ReadyMadeCircuits.named("petrol-car").orElseThrow();
    private static final ParallelWays GROUNDS = ParallelWays.of(CAR).get(0);

    @Test
    void anEngineIsGroundedByItsCableAndByTheBodysStrap() {
        assertThat(ParallelWays.of(CAR)).hasSize(1);
        assertThat(GROUNDS.one()).contains(PartId.of("ground-cable"));
        assertThat(GROUNDS.other()).contains(PartId.of("engine-strap"), PartId.of("body-lead"));
        assertThat(ParallelWays.of(ReadyMadeCircuits.petrolBodyReturn())).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"0.03, 0.05", "0.012, 0.2"})
    void bothAreNamedAndNotTheJointThatWasReadGood(double cableOhms, double strapOhms) {
        PreparedCircuit prepared = PreparedCircuit.of(CAR, 20);
        VehicleState state = VehicleState.healthy()
                .with(new Fault.AddedResistance(PartId.of("ground-joint-block"), cableOhms))
                .with(new Fault.AddedResistance(PartId.of("strap-end-body"), strapOhms));
        OperatingPoint rest =
                new NetworkSolver(CAR).solve(Condition.REST, state).orThrow();
        OperatingPoint crank =
                new NetworkSolver(CAR).solve(Condition.CRANKING, state).orThrow();
        Posterior posterior = Posterior.of(
                prepared,
                Evidence.of(List.of(
                        read(rest, Condition.REST, "post-plus", "post-minus"),
                        read(crank, Condition.CRANKING, "post-plus", "post-minus"),
                        read(crank, Condition.CRANKING, "post-plus", "motor-stud"),
                        read(crank, Condition.CRANKING, "starter-case", "post-minus"),
                        read(crank, Condition.CRANKING, "clamp-minus", "post-minus"),
                        read(crank, Condition.CRANKING, "block", "post-minus"),
                        read(crank, Condition.CRANKING, "starter-case", "block"),
                        read(crank, Condition.CRANKING, "body", "clamp-minus"))));
        double both = posterior.explanations().stream()
                .filter(e -> e.parts(prepared).stream().anyMatch(GROUNDS.one()::contains)
                        && e.parts(prepared).stream().anyMatch(GROUNDS.other()::contains))
                .mapToDouble(Explanation::probability)
                .sum();
        assertThat(both).isGreaterThan(0.9);
        assertThat(posterior.probability(PartId.of("post-joint-minus"))).isLessThan(0.05);
    }

    private static Observation read(OperatingPoint point, Condition condition, String red, String black) {
        double shown = point.between(PointId.of(red), PointId.of(black));
        String typed = String.format(Locale.ROOT, Math.abs(shown) < 2 ? "%.3f" : "%.2f", shown);
        Observable what = new Observable.Volts(condition, PointId.of(red), PointId.of(black));
        double value = Double.parseDouble(typed);
        return new Observation(
                UUID.nameUUIDFromBytes((condition + red + black).getBytes()),
                what,
                value,
                Display.resolution(what, value));
    }
}

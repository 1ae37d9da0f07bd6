package app.dantro.core.inference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.network.NetworkSolver;
import app.dantro.core.network.OperatingPoint;
import app.dantro.core.network.ResponseSolver;
import app.dantro.core.network.VehicleState;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** What the inference holds of a circuit agrees with solving it. */
class ResponseLawsTest extends CarInference {
    @Test
    void theDropOfAPartPutsItsResistanceIntoTheInterval() {
        List<Observation> readings = with(
                sickCar(),
                volts(Condition.CRANKING, "cable-end-battery", "cable-end-starter", 0.790),
                new Observation(new UUID(5, 5), new Observable.Amps(Condition.CRANKING), 154, 1));
        Posterior posterior = Posterior.of(PREPARED, Evidence.of(readings));
        ResistanceBelief belief = ResistanceBelief.of(
                PREPARED, posterior.forecasts(40), CAR.part(CABLE).orElseThrow());
        assertThat(posterior.probability(CABLE)).isGreaterThan(0.9);
        assertThat(0.790 / 154).isBetween(belief.lowOhms(), belief.highOhms());
        assertThat(belief.medianOhms()).isCloseTo(0.790 / 154, within(0.15 * 0.790 / 154));
    }

    @Test
    void slopesAgreeWithSolvingTheMovedVehicle() {
        ResponseSolver responses = new ResponseSolver(CAR, 0.01);
        NetworkSolver solver = new NetworkSolver(CAR);
        VehicleState state = VehicleState.healthy().with(CABLE, 0.02);
        double[] means = new double[responses.outputs()];
        double[] slopes = new double[responses.outputs() * responses.numbers()];
        for (Condition condition : List.of(Condition.CRANKING, Condition.RAISED_LOADED)) {
            assertThat(responses.respond(condition, state, state, means, slopes))
                    .isTrue();
            for (int k = 0; k < solver.nuisances(); k++) {
                double[] sigmas = new double[solver.nuisances()];
                sigmas[k] = 0.01;
                OperatingPoint moved = solver.solve(condition, state, sigmas).orThrow();
                for (var point : CAR.points()) {
                    int at = responses.potential(point.id());
                    if (at >= 0) {
                        assertThat(means[at] + slopes[at * responses.numbers() + k])
                                .as("%s in %s, number %d", point.id(), condition, k)
                                .isCloseTo(moved.at(point.id()), within(2e-5));
                    }
                }
            }
        }
    }

    /** Half the way between the vehicles one standard deviation up and down; a battery's charge moves volts and ohms. */
    @Test
    void fullStepsOfABatterysChargeAgreeWithSolvedVehicles() {
        double sigmas = 1.5;
        Circuit twin = ReadyMadeCircuits.named("twin-battery-diesel").orElseThrow();
        for (Circuit circuit : List.of(CAR, twin)) {
            ResponseSolver responses = new ResponseSolver(circuit, sigmas);
            NetworkSolver solver = new NetworkSolver(circuit);
            double[] means = new double[responses.outputs()];
            double[] slopes = new double[responses.outputs() * responses.numbers()];
            VehicleState state = VehicleState.healthy();
            assertThat(responses.respond(Condition.REST, state, state, means, slopes))
                    .isTrue();
            int charge = circuit.parts().size();
            double[] moved = new double[solver.nuisances()];
            moved[charge] = sigmas;
            double up = delivered(solver.solve(Condition.REST, state, moved).orThrow(), circuit);
            moved[charge] = -sigmas;
            double down = delivered(solver.solve(Condition.REST, state, moved).orThrow(), circuit);
            assertThat(slopes[responses.batteryAmps() * responses.numbers() + charge])
                    .as(circuit.id())
                    .isCloseTo((up - down) / 2, within(0.02));
        }
    }

    private static double delivered(OperatingPoint point, Circuit circuit) {
        return circuit.batteries().stream().mapToDouble(b -> point.amps(b.id())).sum();
    }

    @Test
    void theConditionalOfTwoCorrelatedReadingsIsTheTextbooks() {
        double[] covariance = {4, 3, 3, 9};
        Gaussian gaussian = new Gaussian(2);
        assertThat(gaussian.compute(covariance, 2, new double[] {1, 5}, new int[] {0, 1}, 2))
                .isTrue();
        assertThat(gaussian.variance(1)).isCloseTo(9 - 3 * 3 / 4.0, within(1e-12));
        assertThat(gaussian.surprise(1)).isCloseTo(5 - 3 / 4.0 * 1, within(1e-12));
        double determinant = 4 * 9 - 3 * 3;
        double distance = (9 * 1 - 2 * 3 * 5 + 4 * 25) / determinant;
        assertThat(gaussian.logDensity)
                .isCloseTo(-0.5 * (distance + Math.log(determinant) + 2 * Math.log(2 * Math.PI)), within(1e-12));
        assertThat(gaussian.compute(new double[] {1, 2, 2, 1}, 2, new double[] {0, 0}, new int[] {0, 1}, 2))
                .isFalse();
    }
}

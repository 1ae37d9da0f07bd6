package app.dantro.core.profile;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.Side;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.limits.School;
import app.dantro.core.network.Expectation;
import app.dantro.core.network.VehicleState;
import org.junit.jupiter.api.Test;

class HealthyRunTest {
    private final Circuit truck = ReadyMadeCircuits.named("truck-24v").orElseThrow();
    private final Expectation cranking =
            Expectation.of(truck, Condition.CRANKING, VehicleState.healthy()).orElseThrow();
    private final HealthyRun supply =
            HealthyRun.of(truck, truck.startingSupply(), Side.SUPPLY, School.starting(), cranking);

    @Test
    void theMasterSwitchCountsAndTheSolenoidsContactsDoNot() {
        double toTheStud =
                cranking.nominal().between(truck.plusPost(), part("contacts").from());
        assertThat(supply.totalVolts()).isCloseTo(toTheStud, within(1e-12));
        assertThat(supply.totalVolts()).isGreaterThan(drop("starter-cable") + drop("master-switch"));
    }

    @Test
    void limitsDoubleWithTheSystemVoltage() {
        assertThat(supply.limits()).extracting(HealthyRun.Allowed::volts).containsExactly(0.60);
        assertThat(supply.limits()).allMatch(HealthyRun.Allowed::kept);
    }

    @Test
    void conductorsShareWhatTheJointsLeaveByTheirLength() {
        double cable = supply.shareVolts(part("starter-cable")).orElseThrow();
        double battery = supply.shareVolts(part("battery-cable")).orElseThrow();
        // 3.0 m against 0.8 m
        assertThat(cable / battery).isCloseTo(3.0 / 0.8, within(1e-9));
        double joints = supply.totalVolts() - drop("starter-cable") - drop("battery-cable");
        assertThat(cable + battery).isCloseTo(0.60 - joints, within(1e-9));
        assertThat(supply.shareVolts(part("stud-joint"))).isEmpty();
        assertThat(supply.shareVolts(part("charge-cable"))).isEmpty();
    }

    private Part part(String id) {
        return truck.part(PartId.of(id)).orElseThrow();
    }

    private double drop(String id) {
        return cranking.nominal().between(part(id).from(), part(id).to());
    }
}

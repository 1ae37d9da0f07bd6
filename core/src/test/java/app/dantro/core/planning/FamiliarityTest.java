package app.dantro.core.planning;

import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.ProbePoint;
import app.dantro.core.kit.ReadyMadeCircuits;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FamiliarityTest {
    private static final Circuit CAR = ReadyMadeCircuits.named("petrol-car").orElseThrow();
    private static final List<PointId> POINTS =
            CAR.points().stream().map(ProbePoint::id).toList();

    @ParameterizedTest
    @CsvSource({
        "post-plus, post-minus, false, true",
        "starter-case, post-minus, false, true",
        "post-plus, motor-stud, false, true",
        "block, clamp-minus, false, true",
        "bplus, alternator-case, false, true",
        "bplus, post-plus, false, true",
        "relay-out, ground-cable-battery, false, false",
        "relay-out, post-plus, false, false",
        "relay-out, post-plus, true, true",
        "bplus, starter-case, false, false"
    })
    void knowsWhatTechniciansReadAcross(String one, String other, boolean deadKey, boolean familiar) {
        Familiarity familiarity = new Familiarity(CAR, deadKey);
        int i = POINTS.indexOf(PointId.of(one));
        int j = POINTS.indexOf(PointId.of(other));
        assertThat(familiarity.familiar(i, j)).isEqualTo(familiar);
        assertThat(familiarity.familiar(j, i)).isEqualTo(familiar);
    }
}

package app.dantro.core.standing;

import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.Part;
import app.dantro.core.circuit.PartId;
import app.dantro.core.inference.Observable;
import app.dantro.core.inference.Observation;
import app.dantro.core.kit.ReadyMadeCircuits;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What was read across just one part (docs/everyday.md, here it must dare). */
class OwnDropTest {
    private static final Circuit CAR = ReadyMadeCircuits.named("petrol-car").orElseThrow();

    @ParameterizedTest
    @CsvSource({
        "post-joint-plus, KEY_ON, 0.012, true",
        "post-joint-plus, KEY_ON, 0.06, false",
        "post-joint-plus, CRANKING, 0.07, true",
        "post-joint-plus, CRANKING, 0.15, false",
        "starter-cable, CRANKING, 0.281, true",
        "starter-cable, CRANKING, 0.31, false",
        "starter-cable, ENGINE_OFF_LOAD, 0.10, true",
        "starter-cable, ENGINE_OFF_LOAD, 0.14, false",
        "charge-fuse, RAISED_LOADED, 0.07, true",
        "charge-fuse, RAISED_LOADED, -0.10, false"
    })
    void anOrdinaryDropSparesItsPart(String part, Condition condition, double volts, boolean ordinary) {
        assertThat(with(part, read(part, condition, volts))).isEqualTo(ordinary);
    }

    @Test
    void oneThatIsNotOrdinaryIsEnough() {
        assertThat(with(
                        "post-joint-plus",
                        read("post-joint-plus", Condition.KEY_ON, 0.012),
                        read("post-joint-plus", Condition.CRANKING, 1.2)))
                .isFalse();
    }

    @Test
    void whatWasNotReadAcrossItSaysNothing() {
        assertThat(with("post-joint-plus", read("starter-cable", Condition.CRANKING, 0.05)))
                .isFalse();
    }

    private static boolean with(String part, Observation... observations) {
        return new OwnDrop(CAR, List.of(observations)).ordinary(PartId.of(part));
    }

    private static Observation read(String id, Condition condition, double volts) {
        Part part = CAR.part(PartId.of(id)).orElseThrow();
        return new Observation(UUID.randomUUID(), Observable.volts(condition, part.from(), part.to()), volts, 0.001);
    }
}

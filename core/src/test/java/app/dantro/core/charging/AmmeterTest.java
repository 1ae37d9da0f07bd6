package app.dantro.core.charging;

import static app.dantro.core.reading.SampleReadings.cranking;
import static app.dantro.core.reading.SampleReadings.of;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.inference.Complaint;
import app.dantro.core.inference.Posterior;
import app.dantro.core.reading.Ammeter;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Current.How;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.record.RecordedReading;
import app.dantro.core.standing.CaseInference;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Ways to come to a current, and how sure each is. */
class AmmeterTest extends CarBranches {
    private static final PartId STARTER_CABLE = PartId.of("starter-cable");

    private static final Ammeter ON_METER = new Ammeter(How.CLAMP, Optional.of(10.0), 0.4, Optional.empty());

    @Test
    void aClampOnAMeterIsReadThroughItsFactorAndItsZero() {
        assertThat(ON_METER.current(CAR, 20, 1620.4).measuredAmps()).hasValue(162.0);
        assertThat(ON_METER.shown(CAR, 20, 162)).isCloseTo(1620.4, within(1e-9));
        assertThatThrownBy(() -> new Ammeter(How.CLAMP, Optional.of(0.0), 0, Optional.empty()))
                .hasMessageContaining("printed on the clamp");
        assertThatThrownBy(() -> new Ammeter(How.CABLE_AS_SHUNT, Optional.empty(), 0, Optional.empty()))
                .hasMessageContaining("Name the cable");
    }

    /** One metre of 35 mm² copper: 1.724e-8 · 1 / 35e-6 = 0.4926 mΩ, so 79.8 mV is 162 A. */
    @Test
    void theDropOfACableOfKnownSizeIsACurrent() {
        Ammeter shunt = new Ammeter(How.CABLE_AS_SHUNT, Optional.empty(), 0, Optional.of(STARTER_CABLE));
        assertThat(shunt.current(CAR, 20, 79.8).measuredAmps().orElseThrow()).isCloseTo(162, within(0.1));
        Ammeter joint = new Ammeter(How.CABLE_AS_SHUNT, Optional.empty(), 0, Optional.of(PartId.of("post-joint-plus")));
        assertThatThrownBy(() -> joint.current(CAR, 20, 80)).hasMessageContaining("Choose a cable or strap");
    }

    @Test
    void aShuntCountsForTheRulesButWithItsOwnWidth() {
        Current shunt = Current.in(STARTER_CABLE, 160, How.CABLE_AS_SHUNT);
        Reading clear = of("starter-case", "post-minus", Condition.CRANKING, "0.100", shunt);
        assertThat(verdict(clear).clears()).isTrue();
        double upper = verdict(clear).healthy().upperVolts();
        String near = "%.3f".formatted(upper * 0.85);
        assertThat(verdict(of("starter-case", "post-minus", Condition.CRANKING, near, shunt))
                        .marginal())
                .isTrue();
        assertThat(verdict(cranking("starter-case", "post-minus", near, 160)).marginal())
                .isFalse();
    }

    /** What the clamp tells the inference, the drop of a known cable tells it too, only less sharply. */
    @Test
    void theInferenceTakesAShuntForACurrent() {
        Reading clamp = cranking("post-plus", "post-minus", "9.90", 150);
        Reading shunt = of(
                "post-plus",
                "post-minus",
                Condition.CRANKING,
                "9.90",
                Current.in(STARTER_CABLE, 150, How.CABLE_AS_SHUNT));
        Reading none = of("post-plus", "post-minus", Condition.CRANKING, "9.90", Current.unknown());
        PartId battery = PartId.of("battery");
        double sharp = probability(battery, clamp);
        double wide = probability(battery, shunt);
        assertThat(wide).isGreaterThan(probability(battery, none) + 0.05).isLessThanOrEqualTo(sharp + 0.02);
    }

    private double probability(PartId part, Reading cranked) {
        CaseRecord evidence = CaseRecord.of(
                CAR, 20, Stream.of(rest, cranked).map(RecordedReading::of).toList(), List.of(), List.of());
        return Posterior.of(PREPARED, CaseInference.of(evidence, Complaint.STARTING))
                .probability(part);
    }
}

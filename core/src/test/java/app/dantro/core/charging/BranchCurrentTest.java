package app.dantro.core.charging;

import static app.dantro.core.reading.SampleReadings.cranking;
import static app.dantro.core.reading.SampleReadings.of;
import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.figure.FigureVerdict;
import app.dantro.core.figure.FigureVerdict.Sign;
import app.dantro.core.figure.Figures;
import app.dantro.core.inference.Complaint;
import app.dantro.core.inference.Posterior;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Current.How;
import app.dantro.core.reading.Reading;
import app.dantro.core.record.CaseRecord;
import app.dantro.core.standing.CaseInference;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Figures of docs/physics.md: an open ground cable hides under a good strap, a cable of known size is a shunt. */
class BranchCurrentTest extends CarBranches {
    private static final PartId GROUND_CABLE = PartId.of("ground-cable");

    @Test
    void aBranchIsNotTheLoopsCurrentForTheRules() {
        Reading branch =
                of("starter-case", "post-minus", Condition.CRANKING, "0.25", Current.in(GROUND_CABLE, 0, How.CLAMP));
        assertThat(verdict(branch).ohms()).isEmpty();
        assertThat(evidence(branch).observed().all().get(2).current()).isEqualTo(branch.current());
    }

    /** The whole return loses 0.25 V, which two schools allow; the branch currents tell. */
    @Test
    void anOpenGroundCableUnderAGoodStrapIsFoundByItsCurrent() {
        Reading whole = cranking("starter-case", "post-minus", "0.248", 160);
        Reading cable =
                of("starter-case", "post-minus", Condition.CRANKING, "0.249", Current.in(GROUND_CABLE, 0, How.CLAMP));
        CaseRecord with = evidence(whole, cable);
        FigureVerdict branch = Figures.of(with).get(Figures.of(with).size() - 1);
        assertThat(branch.sign()).isEqualTo(Sign.SUSPECT);
        assertThat(branch.says()).contains("open or bad", "Read the drop across it");
        double before = onTheGroundCable(evidence(whole));
        double after = onTheGroundCable(with);
        assertThat(after).isGreaterThan(0.99).isGreaterThan(before);
    }

    @Test
    void aHealthyShareIsGood() {
        double share = PREPARED.healthyAmps(CAR.part(GROUND_CABLE).orElseThrow(), Condition.CRANKING);
        Reading cable = of(
                "starter-case",
                "post-minus",
                Condition.CRANKING,
                "0.100",
                Current.in(GROUND_CABLE, Math.rint(share), How.CLAMP));
        List<FigureVerdict> figures = Figures.of(evidence(cable));
        assertThat(figures.get(figures.size() - 1).sign()).isEqualTo(Sign.GOOD);
    }

    /** All that lies in the branch of the ground cable: its two ends and the cable. */
    private double onTheGroundCable(CaseRecord evidence) {
        Posterior posterior = Posterior.of(PREPARED, CaseInference.of(evidence, Complaint.STARTING));
        return Stream.of("ground-joint-block", "ground-cable", "crimp-ground")
                .mapToDouble(p -> posterior.probability(PartId.of(p)))
                .sum();
    }
}

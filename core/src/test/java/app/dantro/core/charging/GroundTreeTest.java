package app.dantro.core.charging;

import static app.dantro.core.reading.SampleReadings.of;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PartId;
import app.dantro.core.reading.Current;
import app.dantro.core.reading.Current.How;
import app.dantro.core.starting.StartingRules;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** The grounds as a tree with their currents. */
class GroundTreeTest extends ChargingCase {
    /** An engine block held by its ground cable and, over the body, by strap and lead: one of them is the parallel branch. */
    @Test
    void theGroundTreeHoldsEveryGroundPartOnceAndMarksTheParallelBranch() {
        GroundTree tree = GroundTree.of(StartingRules.of(evidence(
                        of("starter-case", "post-minus", Condition.RAISED_LOADED, "0.012", NONE),
                        of(
                                "body",
                                "post-minus",
                                Condition.RAISED_LOADED,
                                "0.131",
                                Current.in(PartId.of("body-lead"), 9, How.CLAMP)))))
                .orElseThrow();
        assertThat(tree.branches())
                .extracting(b -> b.part().value())
                .containsExactlyInAnyOrder(
                        "post-joint-minus",
                        "crimp-ground",
                        "ground-cable",
                        "ground-joint-block",
                        "starter-mount",
                        "alternator-mount",
                        "bracket-joint",
                        "engine-strap",
                        "body-lead");
        assertThat(tree.branches().stream().filter(GroundTree.Branch::joins)).hasSize(1);
        GroundTree.Branch lead = branch(tree, "body-lead");
        assertThat(lead.readAmps()).hasValue(9.0);
        assertThat(lead.liftVolts()).hasValue(0.131);
        assertThat(lead.lifted()).isTrue();
        assertThat(lead.hangs()).contains("loads on the body");
        assertThat(branch(tree, "post-joint-minus").depth()).isZero();
    }

    /** What flows into the clamp over the post, cable and lead adds up: Kirchhoff's current law. */
    @Test
    void theHealthyCurrentsOfTheTreeAddUpAtTheClamp() {
        GroundTree tree = GroundTree.of(StartingRules.of(evidence())).orElseThrow();
        double post = branch(tree, "post-joint-minus").healthyAmps();
        double cable = branch(tree, "ground-cable").healthyAmps();
        double lead = branch(tree, "body-lead").healthyAmps();
        assertThat(Stream.of(post + cable - lead, post - cable + lead, cable + lead - post)
                        .mapToDouble(Math::abs)
                        .min()
                        .orElseThrow())
                .isCloseTo(0, within(1e-6));
    }

    private static GroundTree.Branch branch(GroundTree tree, String part) {
        return tree.branches().stream()
                .filter(b -> b.part().equals(PartId.of(part)))
                .findFirst()
                .orElseThrow();
    }
}

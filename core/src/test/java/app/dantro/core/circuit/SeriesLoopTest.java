package app.dantro.core.circuit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.core.network.StartingLoop;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class SeriesLoopTest {
    private final SeriesLoop van = StartingLoop.of(ReadyMadeCircuits.petrolBodyReturn());

    @Test
    void tellsEveryPointOfTheStartingLoopApart() {
        assertThat(van.points())
                .extracting(p -> p.id().value())
                .containsExactly(
                        "post-plus",
                        "clamp-plus",
                        "cable-end-battery",
                        "cable-end-starter",
                        "battery-stud",
                        "motor-stud",
                        "starter-case",
                        "block",
                        "strap-engine",
                        "strap-body",
                        "body",
                        "ground-cable-body",
                        "ground-cable-battery",
                        "clamp-minus",
                        "post-minus");
    }

    @Test
    void aStretchHoldsThePartsBetweenItsPointsAndKnowsTheDirection() {
        Stretch stretch = van.between(PointId.of("clamp-plus"), PointId.of("battery-stud"));
        assertThat(stretch.parts())
                .extracting(p -> p.id().value())
                .containsExactly("crimp-battery", "starter-cable", "stud-joint");
        assertThat(stretch.withFlow()).isTrue();
        assertThat(van.between(PointId.of("battery-stud"), PointId.of("clamp-plus"))
                        .withFlow())
                .isFalse();
    }

    @Test
    void thePostsEncloseEverythingWithTheStarter() {
        Stretch all = van.between(PointId.of("post-plus"), PointId.of("post-minus"));
        assertThat(all.parts()).hasSameSizeAs(van.parts());
        assertThat(all.isDrop()).isFalse();
        assertThat(van.between(PointId.of("motor-stud"), PointId.of("starter-case"))
                        .parts())
                .isEmpty();
    }

    @Test
    void aStretchIsAsWideAsItsPartsTogetherButNotAsAllAtTheirWorst() {
        Stretch whole = van.between(PointId.of("starter-case"), PointId.of("post-minus"));
        double sumOfUppers = whole.parts().stream()
                .mapToDouble(p -> p.resistance().healthyAt(20).upperOhms())
                .sum();
        assertThat(whole.upperOhms(20)).isBetween(whole.nominalOhms(20), sumOfUppers);
        Stretch one = van.between(PointId.of("block"), PointId.of("strap-engine"));
        assertThat(one.upperOhms(20))
                .isEqualTo(one.parts().get(0).resistance().healthyAt(20).upperOhms());
    }

    @Test
    void refusesAPointThatIsNotThereAndNamesThoseThatAre() {
        assertThatThrownBy(() -> van.between(PointId.of("post-plus"), PointId.of("moon")))
                .hasMessageContaining("(moon)")
                .hasMessageContaining("clamp-plus");
        assertThatThrownBy(() -> van.between(PointId.of("block"), PointId.of("block")))
                .hasMessageContaining("two different points");
    }

    @Test
    void refusesAGapBetweenTwoPartsAndNamesThem() {
        List<Part> broken = new ArrayList<>(van.supply());
        broken.remove(2);
        assertThatThrownBy(() -> with(broken, van.returns()))
                .hasMessageContaining("(stud-joint)")
                .hasMessageContaining("(cable-end-battery)");
    }

    @Test
    void refusesASideThatEndsTooEarly() {
        assertThatThrownBy(() -> with(van.supply().subList(0, 4), van.returns()))
                .hasMessageContaining("motor stud");
        assertThatThrownBy(() -> with(van.supply(), van.returns().subList(0, 6)))
                .hasMessageContaining("− post is");
    }

    @Test
    void refusesTwoPartsOfOneName() {
        List<Part> twice = new ArrayList<>(van.returns());
        Part first = twice.get(0);
        twice.set(
                0,
                new Part(
                        PartId.of("contacts"),
                        first.name(),
                        first.kind(),
                        first.from(),
                        first.to(),
                        first.resistance()));
        assertThatThrownBy(() -> with(van.supply(), twice)).hasMessageContaining("(contacts)");
    }

    private SeriesLoop with(List<Part> supply, List<Part> returns) {
        return new SeriesLoop(
                "test", 1, van.battery(), supply, van.starter(), returns, van.points(), van.crankingAmps());
    }
}

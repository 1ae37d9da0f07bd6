package app.dantro.acceptance.bench.everyday;

import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.acceptance.bench.everyday.Session.Result;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** A safety net: sixty everyday vehicles of another solver through the product. How good it is, docs/judgement.md says. */
class SixtyEverydayTest {
    private static final int VEHICLES = 60;

    @Test
    void healthyVehiclesAreLeftAloneAndFaultsThatCostAreNamed() throws Exception {
        List<FleetVehicle> fleet =
                Fleet.read(Optional.empty()).stream().limit(VEHICLES).toList();
        List<Result> all = new EverydayRun(Tool.OWN, line -> {}).run(fleet, 2);
        assertThat(all).hasSize(VEHICLES);
        assertThat(all).extracting(Result::end).doesNotContain(End.CRASH);
        assertThat(all)
                .allSatisfy(r -> assertThat(r.discords()).as(r.vehicle().id()).isEmpty());
        List<Result> healthy = all.stream().filter(r -> r.vehicle().healthy()).toList();
        assertThat(healthy).hasSizeGreaterThan(20);
        assertThat(healthy)
                .allSatisfy(r -> assertThat(r.part()).as(r.vehicle().id()).isEmpty());
        assertThat(healthy.stream().filter(r -> !r.alarmed().isEmpty()).count()).isLessThanOrEqualTo(2);
        assertThat(healthy.stream().filter(r -> r.end() == End.GOOD).count())
                .as("ended as good")
                .isGreaterThanOrEqualTo(healthy.size() * 9L / 10);
        List<Result> costly = all.stream()
                .filter(r -> !r.vehicle().healthy() && r.vehicle().costsItsComplaint())
                .toList();
        assertThat(costly).hasSizeGreaterThan(20);
        assertThat(costly.stream().filter(r -> Score.of(r) == Score.RIGHT).count())
                .isGreaterThanOrEqualTo(costly.size() * 85L / 100);
        assertThat(costly.stream().filter(r -> Score.of(r) == Score.WRONG).count())
                .isLessThanOrEqualTo(2);
        assertThat(costly.stream().filter(r -> Score.of(r) == Score.HEALTHY).count())
                .as("called healthy")
                .isLessThanOrEqualTo(1);
    }
}

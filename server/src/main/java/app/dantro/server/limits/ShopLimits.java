package app.dantro.server.limits;

import app.dantro.core.circuit.Loop;
import app.dantro.core.limits.OwnSets;
import app.dantro.core.limits.School;
import app.dantro.core.procedure.Assessment;
import app.dantro.core.starting.DrawMatrix;
import app.dantro.server.job.Cases;
import app.dantro.server.limits.LimitsView.KnownSchool;
import app.dantro.server.limits.LimitsView.MatrixView;
import app.dantro.server.limits.LimitsView.OwnSetView;
import app.dantro.server.limits.LimitsView.ShopSchoolView;
import app.dantro.server.limits.LimitsView.TableView;
import app.dantro.server.problem.ProblemException;
import app.dantro.server.store.LimitSetStore;
import app.dantro.server.store.ShopSchool;
import app.dantro.server.store.ShopStore;
import app.dantro.server.view.FigureView;
import java.time.Clock;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;

/** The schools on a case's readings, and what the shop decides about them. */
@Service
class ShopLimits {
    private final Cases cases;
    private final ShopStore shop;
    private final LimitSetStore sets;
    private final Clock clock;

    ShopLimits(Cases cases, ShopStore shop, LimitSetStore sets, Clock clock) {
        this.cases = cases;
        this.shop = shop;
        this.sets = sets;
        this.clock = clock;
    }

    LimitsView of(UUID caseId) {
        Assessment assessment = cases.assess(cases.load(caseId));
        OwnSets own = sets.all();
        return new LimitsView(
                TableView.of(assessment.beside().schools()),
                DrawMatrix.of(assessment.findings()).map(MatrixView::of),
                FigureView.all(assessment.beside().figures()),
                Stream.of(Loop.values())
                        .flatMap(loop -> known(loop, own).map(s -> new KnownSchool(loop, s.name(), s.notes())))
                        .toList(),
                followed(),
                current());
    }

    /** @throws ProblemException if there is no such school, or the reason is missing */
    List<ShopSchoolView> follow(ShopSchool chosen) {
        List<String> names = known(chosen.loop(), sets.all()).map(School::name).toList();
        boolean none = chosen.school().isEmpty();
        if (!none && !names.contains(chosen.school())) {
            throw ProblemException.field(
                    "school",
                    "There is no school (%s). There are: %s.".formatted(chosen.school(), String.join(", ", names)));
        }
        if (!none && chosen.reason().isBlank()) {
            throw ProblemException.field("reason", "Say why the shop follows it; it stands beside every verdict.");
        }
        if (!shop.add(chosen) && !shop.find(chosen.id()).orElseThrow().equals(chosen)) {
            throw ProblemException.taken();
        }
        return followed();
    }

    /** @throws ProblemException if a school has the name, or a new set has no limit at all */
    List<OwnSetView> add(UUID setId, Loop loop, School limits, String by) {
        if (School.of(loop).stream().anyMatch(s -> s.name().equalsIgnoreCase(limits.name()))) {
            throw ProblemException.field(
                    "name", "A school is called (%s) already. Choose another name.".formatted(limits.name()));
        }
        boolean known = sets.all().newest(loop, limits.name()).isPresent();
        if (!known && limits.supplyVolts().isEmpty() && limits.returnVolts().isEmpty()) {
            throw ProblemException.field(
                    "supplyVolts", "A set needs at least one allowed drop, such as 0.25 V on the supply side.");
        }
        if (!sets.add(setId, loop, limits, by, clock.millis()) && !sets.has(setId, loop, limits)) {
            throw ProblemException.taken();
        }
        return current();
    }

    private List<ShopSchoolView> followed() {
        return shop.newest().stream().map(ShopSchoolView::of).toList();
    }

    private List<OwnSetView> current() {
        return sets.all().current().stream().map(OwnSetView::of).toList();
    }

    /** The schools, then the shop's own sets by their newest version. */
    private static Stream<School> known(Loop loop, OwnSets own) {
        return Stream.concat(
                School.of(loop).stream(),
                own.current().stream().filter(v -> v.loop() == loop).map(OwnSets.Version::limits));
    }
}

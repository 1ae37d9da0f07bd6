package app.dantro.server.shop;

import app.dantro.core.figure.FigureVerdict;
import app.dantro.core.figure.Figures;
import app.dantro.core.finding.Findings;
import app.dantro.core.limits.OwnSets;
import app.dantro.core.limits.School;
import app.dantro.core.procedure.Concern;
import app.dantro.core.schools.SchoolTable;
import app.dantro.core.starting.DrawMatrix;
import app.dantro.server.job.CaseFiles;
import app.dantro.server.problem.ProblemException;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The schools side by side on a case's readings, and the one that the shop follows. */
@RestController
@RequestMapping("/api")
class LimitsController {
    private final CaseFiles files;
    private final ShopStore shop;
    private final LimitSetStore sets;
    private final Clock clock;

    LimitsController(CaseFiles files, ShopStore shop, LimitSetStore sets, Clock clock) {
        this.files = files;
        this.shop = shop;
        this.sets = sets;
        this.clock = clock;
    }

    /** A set of the shop's own, or the next version of one; without both limits it is withdrawn. */
    record NewLimitSet(
            @NotNull Concern loop,
            @NotBlank @Size(max = 60) String name,
            Optional<Double> supplyVolts,
            Optional<Double> returnVolts,
            @NotBlank @Size(max = 300) String source,
            @NotBlank @Size(max = 60) String by) {
        private static final double LEAST_VOLTS = 0.005;
        private static final double MOST_VOLTS = 3;

        School toSchool() {
            boolean taken = schools(loop).stream().anyMatch(s -> s.name().equalsIgnoreCase(name.strip()));
            if (taken) {
                throw ProblemException.field(
                        "name", "A school is called (%s) already. Choose another name.".formatted(name.strip()));
            }
            return new School(
                    "own",
                    name.strip(),
                    checked("supplyVolts", supplyVolts),
                    checked("returnVolts", returnVolts),
                    source.strip());
        }

        private static Optional<Double> checked(String field, Optional<Double> volts) {
            volts.filter(v -> !(v >= LEAST_VOLTS && v <= MOST_VOLTS)).ifPresent(v -> {
                throw ProblemException.field(
                        field,
                        "The allowed drop (%s V) must lie in 0.005 … 3 V, for a 12 V system; 24 V doubles it."
                                .formatted(v));
            });
            return volts;
        }
    }

    /** A set of the shop's own as it stands. */
    record OwnSetView(
            Concern loop,
            String name,
            int version,
            Optional<Double> supplyVolts,
            Optional<Double> returnVolts,
            String source,
            long sinceMs) {
        static OwnSetView of(OwnSets.Version v) {
            return new OwnSetView(
                    v.charging() ? Concern.CHARGING : Concern.STARTING,
                    v.limits().name(),
                    v.number(),
                    v.limits().supplyVolts(),
                    v.limits().returnVolts(),
                    v.limits().notes(),
                    v.sinceMillis());
        }
    }

    /** A school to follow; empty for the conductor's own limit alone. */
    record NewShopSchool(
            @NotNull Concern loop,
            @NotNull @Size(max = 80) String school,
            @NotNull @Size(max = 300) String reason,
            @NotBlank @Size(max = 60) String by,
            @NotNull Long chosenAtMs) {
        ShopSchool toChoice(UUID id, OwnSets own) {
            List<String> names = known(loop, own).map(School::name).toList();
            if (!school.isEmpty() && !names.contains(school)) {
                throw ProblemException.field(
                        "school",
                        "There is no school (%s). There are: %s.".formatted(school, String.join(", ", names)));
            }
            if (!school.isEmpty() && reason.isBlank()) {
                throw ProblemException.field("reason", "Say why the shop follows it; it stands beside every verdict.");
            }
            return new ShopSchool(id, loop, school, reason.strip(), by, chosenAtMs);
        }
    }

    /** A school with what it is for. */
    record KnownSchool(Concern loop, String name, String notes) {}

    /** Everything the limits view shows. */
    record LimitsView(
            SchoolTable table,
            Optional<DrawMatrix> matrix,
            List<FigureVerdict> figures,
            List<KnownSchool> schools,
            List<ShopSchool> followed,
            List<OwnSetView> own) {}

    @GetMapping("/cases/{caseId}/limits")
    LimitsView limits(@PathVariable UUID caseId) {
        Findings findings = files.assess(files.load(caseId)).findings();
        OwnSets own = sets.all();
        return new LimitsView(
                SchoolTable.of(findings, own),
                DrawMatrix.of(findings),
                Figures.of(findings.evidence()),
                List.of(Concern.values()).stream()
                        .flatMap(loop -> known(loop, own).map(s -> new KnownSchool(loop, s.name(), s.notes())))
                        .toList(),
                shop.newest(),
                own.current().stream().map(OwnSetView::of).toList());
    }

    @PutMapping("/shop/schools/{choiceId}")
    List<ShopSchool> follow(@PathVariable UUID choiceId, @Valid @RequestBody NewShopSchool body) {
        shop.add(body.toChoice(choiceId, sets.all()));
        return shop.newest();
    }

    @PutMapping("/shop/limit-sets/{setId}")
    List<OwnSetView> own(@PathVariable UUID setId, @Valid @RequestBody NewLimitSet body) {
        School limits = body.toSchool();
        boolean known = sets.all()
                .newest(body.loop() == Concern.CHARGING, limits.name())
                .isPresent();
        if (!known && limits.supplyVolts().isEmpty() && limits.returnVolts().isEmpty()) {
            throw ProblemException.field(
                    "supplyVolts", "A set needs at least one allowed drop, such as 0.25 V on the supply side.");
        }
        sets.add(setId, body.loop(), limits, body.by(), clock.millis());
        return sets.all().current().stream().map(OwnSetView::of).toList();
    }

    /** The schools, then the shop's own sets by their newest version. */
    private static Stream<School> known(Concern loop, OwnSets own) {
        return Stream.concat(
                schools(loop).stream(),
                own.current().stream()
                        .filter(v -> v.charging() == (loop == Concern.CHARGING))
                        .map(OwnSets.Version::limits));
    }

    private static List<School> schools(Concern loop) {
        return loop == Concern.STARTING ? School.starting() : School.charging();
    }
}

package app.dantro.server.shop;

import app.dantro.core.diagnosis.DrawMatrix;
import app.dantro.core.diagnosis.FigureJudge;
import app.dantro.core.diagnosis.FigureVerdict;
import app.dantro.core.diagnosis.Findings;
import app.dantro.core.diagnosis.SchoolTable;
import app.dantro.core.limits.School;
import app.dantro.core.procedure.Concern;
import app.dantro.server.job.CaseFiles;
import app.dantro.server.problem.ProblemException;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
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

    LimitsController(CaseFiles files, ShopStore shop) {
        this.files = files;
        this.shop = shop;
    }

    /** A school to follow; empty for the conductor's own limit alone. */
    record NewShopSchool(
            @NotNull Concern loop,
            @NotNull @Size(max = 80) String school,
            @NotNull @Size(max = 300) String reason,
            @NotBlank @Size(max = 60) String by,
            @NotNull Long chosenAtMs) {
        ShopSchool toChoice(UUID id) {
            List<String> names = schools(loop).stream().map(School::name).toList();
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
            List<ShopSchool> followed) {}

    @GetMapping("/cases/{caseId}/limits")
    LimitsView limits(@PathVariable UUID caseId) {
        Findings findings = files.assess(files.load(caseId)).findings();
        return new LimitsView(
                SchoolTable.of(findings),
                DrawMatrix.of(findings),
                FigureJudge.of(findings.evidence()),
                List.of(Concern.values()).stream()
                        .flatMap(loop -> schools(loop).stream().map(s -> new KnownSchool(loop, s.name(), s.notes())))
                        .toList(),
                shop.newest());
    }

    @PutMapping("/shop/schools/{choiceId}")
    List<ShopSchool> follow(@PathVariable UUID choiceId, @Valid @RequestBody NewShopSchool body) {
        shop.add(body.toChoice(choiceId));
        return shop.newest();
    }

    private static List<School> schools(Concern loop) {
        return loop == Concern.STARTING ? School.starting() : School.charging();
    }
}

package app.dantro.server.limits;

import app.dantro.core.circuit.Loop;
import app.dantro.core.limits.School;
import app.dantro.server.limits.LimitsView.OwnSetView;
import app.dantro.server.limits.LimitsView.ShopSchoolView;
import app.dantro.server.problem.ProblemException;
import app.dantro.server.store.ShopSchool;
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
    private final ShopLimits limits;

    LimitsController(ShopLimits limits) {
        this.limits = limits;
    }

    /** A set of the shop's own, or the next version of one; without both limits it is withdrawn. */
    record NewLimitSet(
            @NotNull Loop loop,
            @NotBlank @Size(max = 60) String name,
            Optional<Double> supplyVolts,
            Optional<Double> returnVolts,
            @NotBlank @Size(max = 300) String source,
            @NotBlank @Size(max = 60) String by) {
        School toSchool() {
            return School.own(
                    name.strip(),
                    checked("supplyVolts", supplyVolts),
                    checked("returnVolts", returnVolts),
                    source.strip());
        }

        private static Optional<Double> checked(String field, Optional<Double> volts) {
            volts.filter(v -> !School.canAllow(v)).ifPresent(v -> {
                throw ProblemException.field(field, School.CAN_ALLOW.formatted(v));
            });
            return volts;
        }
    }

    /** A school to follow; empty for the conductor's own limit alone. */
    record NewShopSchool(
            @NotNull Loop loop,
            @NotNull @Size(max = 80) String school,
            @NotNull @Size(max = 300) String reason,
            @NotBlank @Size(max = 60) String by,
            @NotNull Long chosenAtMs) {
        ShopSchool toChoice(UUID id) {
            return new ShopSchool(id, loop, school, reason.strip(), by, chosenAtMs);
        }
    }

    @GetMapping("/cases/{caseId}/limits")
    LimitsView limits(@PathVariable UUID caseId) {
        return limits.of(caseId);
    }

    @PutMapping("/shop/schools/{choiceId}")
    List<ShopSchoolView> follow(@PathVariable UUID choiceId, @Valid @RequestBody NewShopSchool body) {
        return limits.follow(body.toChoice(choiceId));
    }

    @PutMapping("/shop/limit-sets/{setId}")
    List<OwnSetView> own(@PathVariable UUID setId, @Valid @RequestBody NewLimitSet body) {
        return limits.add(setId, body.loop(), body.toSchool(), body.by());
    }
}

package app.dantro.server.charging;

import app.dantro.core.charging.ChargingSide;
import app.dantro.core.finding.Findings;
import app.dantro.core.profile.ChargingProfile;
import app.dantro.server.job.Cases;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Everything the charging view shows. */
@RestController
@RequestMapping("/api/cases/{caseId}/charging")
class ChargingController {
    private final Cases cases;

    ChargingController(Cases cases) {
        this.cases = cases;
    }

    @GetMapping
    ChargingView charging(@PathVariable UUID caseId) {
        Findings findings = cases.assess(cases.load(caseId)).findings();
        return ChargingView.of(ChargingSide.of(findings), ChargingProfile.of(findings));
    }
}

package app.dantro.server.limits;

import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.VehicleSort;
import app.dantro.core.inference.CertifiedParts;
import app.dantro.core.inference.ShopRepairs;
import app.dantro.core.kit.ReadyMadeCircuits;
import app.dantro.server.problem.ProblemException;
import app.dantro.server.store.ExperienceStore;
import app.dantro.server.store.ExperienceStore.Choice;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the shop's own verified repairs and certified parts add to what is written, and whether they do. */
@RestController
@RequestMapping("/api/shop/experience")
class ExperienceController {
    private final ExperienceStore store;

    ExperienceController(ExperienceStore store) {
        this.store = store;
    }

    /**
     * The shop's own repairs.
     *
     * @param count whether they count for cases that are open, and for new ones
     * @param repairs by complaint, sort of vehicle and part, the most frequent first
     * @param certified what healthy joints and cables read, by sort of vehicle and kind
     */
    record ExperienceView(boolean count, List<OwnRepairView> repairs, List<CertifiedKindView> certified) {}

    /**
     * Healthy parts of one kind.
     *
     * @param told how many parts read by themselves their readings come to, in cases that ended well
     * @param off where healthy ones are taken to lie, in standard deviations of what is written
     * @param width how wide their spread is, over what is written
     */
    record CertifiedKindView(VehicleSort sort, String kind, double told, double off, double width) {
        static CertifiedKindView of(ShopRepairs.Certified certified) {
            CertifiedParts parts = certified.parts();
            return new CertifiedKindView(
                    certified.sort(),
                    certified.kind().word(),
                    parts.told(),
                    parts.meanSigmas(),
                    Math.sqrt(parts.variance()));
        }
    }

    /** So many verified repairs of a part. */
    record OwnRepairView(Loop concern, VehicleSort sort, String part, int repairs) {
        static OwnRepairView of(ShopRepairs.Counted counted) {
            return new OwnRepairView(
                    counted.concern(), counted.sort(), ReadyMadeCircuits.nameOf(counted.part()), counted.repairs());
        }
    }

    /** Whether they are to count. */
    record NewExperienceChoice(
            @NotNull Boolean count,
            @NotBlank @Size(max = 60) String by,
            @NotNull Long saidAtMs) {}

    @GetMapping
    ExperienceView show() {
        ShopRepairs own = store.repairs();
        return new ExperienceView(
                store.count(),
                own.counted().stream().map(OwnRepairView::of).toList(),
                own.certified().stream().map(CertifiedKindView::of).toList());
    }

    @PutMapping("/{choiceId}")
    ExperienceView choose(@PathVariable UUID choiceId, @Valid @RequestBody NewExperienceChoice body) {
        Choice choice = new Choice(choiceId, body.count(), body.by(), body.saidAtMs());
        if (!store.say(choice) && !store.said(choiceId).orElseThrow().equals(choice)) {
            throw ProblemException.taken();
        }
        return show();
    }
}

package app.dantro.server.vehicle;

import app.dantro.server.problem.ProblemException;
import app.dantro.server.store.JoinStore;
import app.dantro.server.store.JoinStore.Join;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Vehicles that were entered twice. */
@RestController
@RequestMapping("/api/vehicles/{vehicleId}/joins")
class JoinController {
    private final JoinStore joins;

    JoinController(JoinStore joins) {
        this.joins = joins;
    }

    /** That a vehicle is another one. @param into that other; the vehicle itself to take it out again */
    record NewJoin(
            @NotNull UUID into,
            @NotBlank @Size(max = 60) String by,
            @NotNull Long saidAtMs) {}

    /** Joins a vehicle to another: from now on they are shown as one, under the other's name; or takes it out again. */
    @PutMapping("/{joinId}")
    ResponseEntity<Void> join(
            @PathVariable UUID vehicleId, @PathVariable UUID joinId, @Valid @RequestBody NewJoin body) {
        Join join = new Join(joinId, vehicleId, body.into(), body.by(), body.saidAtMs());
        if (joins.said(joinId).isEmpty()) {
            check(join);
        }
        boolean added = joins.say(join);
        if (!added && !joins.said(joinId).orElseThrow().equals(join)) {
            throw ProblemException.taken();
        }
        return ResponseEntity.status(added ? HttpStatus.CREATED : HttpStatus.OK).build();
    }

    private void check(Join join) {
        UUID now = knownAs(join.vehicle());
        UUID into = knownAs(join.into());
        boolean apart = join.vehicle().equals(join.into());
        if (apart && now.equals(join.vehicle())) {
            throw ProblemException.conflict("This vehicle is joined to no other: there is nothing to take apart.");
        }
        if (!apart && !now.equals(join.vehicle())) {
            throw ProblemException.conflict("This vehicle is joined to another already: take it out there first.");
        }
        if (!apart && !into.equals(join.into())) {
            throw ProblemException.field(
                    "into",
                    "The other vehicle (%s) is itself joined to one: join to that one (%s)."
                            .formatted(join.into(), into));
        }
    }

    private UUID knownAs(UUID vehicle) {
        return joins.knownAs(vehicle)
                .orElseThrow(() -> ProblemException.notFound("There is no vehicle (%s).".formatted(vehicle)));
    }
}

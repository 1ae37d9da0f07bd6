package app.dantro.server.device;

import app.dantro.server.job.Cases;
import app.dantro.server.problem.ProblemException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Codes that let a device in, and the devices that are. */
@RestController
@RequestMapping("/api")
class DeviceController {
    private final Devices devices;
    private final PairingCodes codes;
    private final Reach reach;
    private final Cases files;
    private final Clock clock;

    DeviceController(Devices devices, PairingCodes codes, Reach reach, Cases files, Clock clock) {
        this.clock = clock;
        this.devices = devices;
        this.codes = codes;
        this.reach = reach;
        this.files = files;
    }

    /** A role to grant; a seat belongs to a case. */
    record NewCode(@NotNull Role role, Optional<UUID> caseId) {}

    /** A code to show, with the addresses that carry it. */
    record CodeView(String code, long expiresAtMs, List<String> links) {}

    /**
     * A paired device.
     *
     * @param lastSeenMs to the hour
     * @param expired away for so long that it has to be paired again
     */
    record DeviceView(
            UUID id,
            String name,
            Role role,
            Optional<String> vehicle,
            long pairedAtMs,
            long lastSeenMs,
            boolean expired) {}

    /** The machine itself grants any role, a technician only a seat on a case. */
    @PostMapping("/devices/codes")
    CodeView code(HttpServletRequest request, @Valid @RequestBody NewCode body) {
        boolean seat = body.role() == Role.SEAT;
        if (!seat && body.role() != Role.TECHNICIAN) {
            throw ProblemException.field("role", "A code is for a TECHNICIAN or a SEAT.");
        }
        if (!seat) {
            requireOwner(request, "Only the workshop's computer lets a technician's device join.");
        } else if (body.caseId().isEmpty()) {
            throw ProblemException.field("caseId", "A seat belongs to a case: say which.");
        }
        body.caseId().ifPresent(files::load);
        PairingCodes.Code made = codes.make(body.role(), seat ? body.caseId() : Optional.empty());
        String target = body.caseId().map(id -> "/" + id).orElse("");
        return new CodeView(
                made.digits(),
                clock.millis() + PairingCodes.LIFE.toMillis(),
                reach.origins(request.getLocalPort()).stream()
                        .map(origin -> "%s/#/pair/%s%s".formatted(origin, made.digits(), target))
                        .toList());
    }

    @GetMapping("/devices")
    List<DeviceView> all() {
        return devices.all().stream()
                .map(d -> new DeviceView(
                        d.id(),
                        d.name(),
                        d.role(),
                        d.caseId().map(id -> files.load(id).record().vehicle()),
                        d.pairedAtMs(),
                        d.lastSeenMs(),
                        d.expired(clock.millis())))
                .toList();
    }

    @PutMapping("/devices/{deviceId}/removed")
    List<DeviceView> remove(HttpServletRequest request, @PathVariable UUID deviceId) {
        requireOwner(request, "Only the workshop's computer removes devices.");
        devices.remove(deviceId);
        return all();
    }

    private static void requireOwner(HttpServletRequest request, String otherwise) {
        if (Visitor.of(request).role() != Role.OWNER) {
            throw ProblemException.forbidden(otherwise);
        }
    }
}

package app.dantro.server.device;

import app.dantro.server.job.Cases;
import app.dantro.server.problem.ProblemException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Pairing codes, who one is, and the devices that are paired. */
@RestController
@RequestMapping("/api")
class DeviceController {
    private static final Duration REMEMBERED = Duration.ofDays(400);

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

    /** Who asks, and how the program is reached. */
    record MeView(
            Role role, Optional<UUID> caseId, boolean lan, Optional<String> fingerprint, List<String> addresses) {}

    /** A role to grant; a seat belongs to a case. */
    record NewCode(@NotNull Role role, Optional<UUID> caseId) {}

    /** A code to show, with the addresses that carry it. */
    record CodeView(String code, long expiresAtMs, List<String> links) {}

    /** A code typed by a device that wants to join. */
    record NewDevice(
            @NotBlank @Size(max = 12) String code,
            @NotBlank @Size(max = 60) String name) {}

    /** A paired device. */
    record DeviceView(UUID id, String name, Role role, Optional<String> vehicle, long pairedAtMs) {}

    @GetMapping("/devices/me")
    MeView me(HttpServletRequest request) {
        Visitor visitor = Visitor.of(request);
        boolean known = visitor.role() != Role.NONE;
        return new MeView(
                visitor.role(),
                visitor.caseId(),
                reach.lan(),
                reach.fingerprint(),
                known ? reach.origins(request.getLocalPort()) : List.of());
    }

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

    @PostMapping("/pairing")
    MeView join(HttpServletRequest request, HttpServletResponse response, @Valid @RequestBody NewDevice body) {
        Devices.Joined joined = devices.join(body.code().replaceAll("\\s", ""), body.name(), request.getRemoteAddr());
        response.addHeader(HttpHeaders.SET_COOKIE, cookie(joined.token()));
        Visitor.of(joined.device()).putOn(request);
        return me(request);
    }

    @GetMapping("/devices")
    List<DeviceView> all() {
        return devices.all().stream()
                .map(d -> new DeviceView(
                        d.id(),
                        d.name(),
                        d.role(),
                        d.caseId().map(id -> files.load(id).record().vehicle()),
                        d.pairedAtMs()))
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

    private String cookie(String token) {
        return ResponseCookie.from(DeviceGuard.COOKIE, token)
                .httpOnly(true)
                .sameSite("Strict")
                .secure(reach.fingerprint().isPresent())
                .path("/")
                .maxAge(REMEMBERED)
                .build()
                .toString();
    }
}

package app.dantro.server.device;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Who one is, and how one comes in and leaves. */
@RestController
@RequestMapping("/api")
class PairingController {
    private final Devices devices;
    private final DeviceCookie cookie;
    private final Reach reach;

    PairingController(Devices devices, DeviceCookie cookie, Reach reach) {
        this.devices = devices;
        this.cookie = cookie;
        this.reach = reach;
    }

    /** Who asks, and how the program is reached. */
    record MeView(
            Role role, Optional<UUID> caseId, boolean lan, Optional<String> fingerprint, List<String> addresses) {}

    /** A code typed by a device that wants to join. */
    record NewDevice(
            @NotBlank @Size(max = 20) String code,
            @NotBlank @Size(max = 60) String name) {}

    /** @param wasPaired false where there was nothing to leave */
    record LeftView(boolean wasPaired) {}

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

    @PostMapping("/pairing")
    MeView join(HttpServletRequest request, HttpServletResponse response, @Valid @RequestBody NewDevice body) {
        Devices.Joined joined = devices.join(
                body.code().replaceAll("\\s", ""),
                body.name(),
                Visitor.of(request).device(),
                request.getRemoteAddr());
        cookie.set(response, joined.token());
        Visitor.of(joined.device()).putOn(request);
        return me(request);
    }

    /** Whoever asks is paired no more; the workshop's own computer, if a code was typed there, is its owner's again. */
    @PutMapping("/devices/me/removed")
    LeftView leave(HttpServletRequest request, HttpServletResponse response) {
        Optional<UUID> device = Visitor.of(request).device();
        device.ifPresent(devices::remove);
        cookie.clear(response);
        return new LeftView(device.isPresent());
    }
}

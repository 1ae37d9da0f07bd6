package app.dantro.server.device;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.Arrays;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Component;

/** The one cookie by which a device is known again. */
@Component
class DeviceCookie {
    static final String NAME = "dantro_device";

    private final Reach reach;

    DeviceCookie(Reach reach) {
        this.reach = reach;
    }

    static Optional<String> of(HttpServletRequest request) {
        return Optional.ofNullable(request.getCookies()).stream()
                .flatMap(Arrays::stream)
                .filter(c -> c.getName().equals(NAME))
                .map(Cookie::getValue)
                .findFirst();
    }

    /** Kept as long as the device may stay away. */
    void set(HttpServletResponse response, String token) {
        add(response, token, PairedDevice.IDLE);
    }

    void clear(HttpServletResponse response) {
        add(response, "", Duration.ZERO);
    }

    private void add(HttpServletResponse response, String value, Duration life) {
        response.addHeader(
                HttpHeaders.SET_COOKIE,
                ResponseCookie.from(NAME, value)
                        .httpOnly(true)
                        .sameSite("Strict")
                        .secure(reach.fingerprint().isPresent())
                        .path("/")
                        .maxAge(life)
                        .build()
                        .toString());
    }
}

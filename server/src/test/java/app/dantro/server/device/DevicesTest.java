package app.dantro.server.device;

import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.server.DantroServer;
import app.dantro.server.HandClock;
import jakarta.servlet.http.Cookie;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.mock.web.MockFilterChain;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;

/** How long a device stays known, and that one browser is one device. */
class DevicesTest {
    private static final String NETWORK = "192.0.2.77";

    @TempDir
    Path folder;

    private final HandClock clock = new HandClock();
    private ConfigurableApplicationContext program;
    private Devices devices;

    @BeforeEach
    void start() {
        program = DantroServer.start(clock, "--dantro.data=" + folder, "--server.port=0");
        devices = program.getBean(Devices.class);
    }

    @AfterEach
    void stop() {
        program.close();
    }

    private Devices.Joined pair(Optional<UUID> before) {
        String code = program.getBean(PairingCodes.class)
                .make(Role.TECHNICIAN, Optional.empty())
                .digits();
        return devices.join(code, "Tablet", before, NETWORK);
    }

    private MockHttpServletResponse visit(String token) throws Exception {
        MockHttpServletRequest request = new MockHttpServletRequest("GET", "/api/cases");
        request.setServletPath("/api/cases");
        request.setRemoteAddr(NETWORK);
        request.setCookies(new Cookie(DeviceCookie.NAME, token));
        MockHttpServletResponse response = new MockHttpServletResponse();
        program.getBean(DeviceGuard.class).doFilter(request, response, new MockFilterChain());
        return response;
    }

    @Test
    void useKeepsADeviceKnownAndThirtyIdleDaysEndIt() throws Exception {
        String token = pair(Optional.empty()).token();
        for (int day = 0; day < 60; day += 20) {
            clock.pass(Duration.ofDays(20).toSeconds());
            MockHttpServletResponse answer = visit(token);
            assertThat(answer.getStatus()).isEqualTo(200);
            assertThat(answer.getHeader("Set-Cookie")).as("lives on").contains("Max-Age=2592000");
        }
        assertThat(visit(token).getHeader("Set-Cookie")).as("within the hour").isNull();
        assertThat(devices.all().get(0).lastSeenMs()).isEqualTo(clock.millis());
        clock.pass(Duration.ofDays(31).toSeconds());
        assertThat(visit(token).getStatus()).isEqualTo(403);
        clock.pass(-Duration.ofDays(31).toSeconds());
        assertThat(visit(token).getStatus()).as("a clock put right").isEqualTo(200);
    }

    @Test
    void aBrowserThatPairsAgainIsOneDevice() throws Exception {
        Devices.Joined first = pair(Optional.empty());
        Devices.Joined second = pair(Optional.of(first.device().id()));
        assertThat(devices.all())
                .extracting(PairedDevice::id)
                .containsExactly(second.device().id());
        assertThat(visit(first.token()).getStatus()).isEqualTo(403);
        assertThat(visit(second.token()).getStatus()).isEqualTo(200);
    }
}

package app.dantro.server.device;

import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.server.RunningServer;
import jakarta.servlet.http.Cookie;
import java.nio.file.Path;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.mock.web.MockFilterChain;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;

/** Who reaches what, from this machine and from the network. */
class DeviceGuardTest {
    private static final String NETWORK = "192.0.2.77";
    private static final String HERE = "127.0.0.1";

    @TempDir
    static Path folder;

    private static RunningServer server;
    private static String casePath;

    @BeforeAll
    static void start() throws Exception {
        server = RunningServer.on(folder);
        casePath = server.openCase();
    }

    @AfterAll
    static void stop() {
        server.close();
    }

    /** What the guard answers: 200 if it let the request through. */
    private static int visit(String from, String path, String token) throws Exception {
        return visit(from, path, path, token);
    }

    /** @param sent the address as it stands in the request, {@code path} as the server understands it */
    private static int visit(String from, String sent, String path, String token) throws Exception {
        MockHttpServletRequest request = new MockHttpServletRequest("GET", sent);
        request.setServletPath(path);
        request.setRemoteAddr(from);
        if (token != null) {
            request.setCookies(new Cookie(DeviceCookie.NAME, token));
        }
        MockHttpServletResponse response = new MockHttpServletResponse();
        server.bean(DeviceGuard.class).doFilter(request, response, new MockFilterChain());
        return response.getStatus();
    }

    private static String pair(Role role, UUID caseId) {
        Devices devices = server.bean(Devices.class);
        String code = server.bean(PairingCodes.class)
                .make(role, java.util.Optional.ofNullable(caseId))
                .digits();
        return devices.join(code, "Phone", java.util.Optional.empty(), NETWORK).token();
    }

    @Test
    void onlyTheWorkshopsOwnComputerReachesTheBackups() throws Exception {
        assertThat(visit(HERE, "/api/backups", null)).isEqualTo(200);
        String technician = pair(Role.TECHNICIAN, null);
        assertThat(visit(NETWORK, "/api/cases", technician)).isEqualTo(200);
        assertThat(visit(NETWORK, "/api/backups", technician)).isEqualTo(403);
        assertThat(visit(NETWORK, "/api/backups/places/x", technician)).isEqualTo(403);
        assertThat(visit(NETWORK, "/api/backups", null)).isEqualTo(403);
    }

    @Test
    void aStrangerSeesThePagesAndTheDoor() throws Exception {
        assertThat(visit(NETWORK, "/", null)).isEqualTo(200);
        assertThat(visit(NETWORK, "/api/devices/me", null)).isEqualTo(200);
        assertThat(visit(NETWORK, "/api/cases", null)).isEqualTo(403);
        assertThat(visit(NETWORK, "/api/devices", null)).isEqualTo(403);
        assertThat(visit(NETWORK, "/api/cases", "made up")).isEqualTo(403);
        assertThat(visit(HERE, "/api/cases", null)).isEqualTo(200);
        assertThat(visit("0:0:0:0:0:0:0:1", "/api/cases", null)).isEqualTo(200);
    }

    @Test
    void anAddressInDisguiseIsStillTheSameAddress() throws Exception {
        assertThat(visit(NETWORK, "/%61pi/cases", "/api/cases", null)).isEqualTo(403);
        assertThat(visit(NETWORK, "/assets/../api/cases", "/api/cases", null)).isEqualTo(403);
    }

    @Test
    void aTechnicianReachesEveryCaseUntilTheDeviceIsRemoved() throws Exception {
        String token = pair(Role.TECHNICIAN, null);
        assertThat(visit(NETWORK, casePath, token)).isEqualTo(200);
        Devices devices = server.bean(Devices.class);
        devices.remove(devices.byToken(token).orElseThrow().id());
        assertThat(visit(NETWORK, casePath, token)).isEqualTo(403);
    }

    @Test
    void aSeatReachesItsOwnOrdersOnly() throws Exception {
        UUID id = UUID.fromString(casePath.substring(casePath.lastIndexOf('/') + 1));
        String token = pair(Role.SEAT, id);
        assertThat(visit(NETWORK, "/api/seat/" + id + "/orders", token)).isEqualTo(200);
        assertThat(visit(NETWORK, "/api/seat/" + UUID.randomUUID() + "/orders", token))
                .isEqualTo(403);
        assertThat(visit(NETWORK, casePath, token)).isEqualTo(403);
        assertThat(visit(NETWORK, casePath + "/seat/orders/" + UUID.randomUUID(), token))
                .isEqualTo(403);
        assertThat(visit(HERE, casePath, token))
                .as("a seat on this very machine")
                .isEqualTo(403);
    }

    @Test
    void aSeatOnThisVeryMachineLeavesAndIsTheOwnersAgain() throws Exception {
        UUID id = UUID.fromString(casePath.substring(casePath.lastIndexOf('/') + 1));
        String token = pair(Role.SEAT, id);
        assertThat(visit(HERE, "/api/devices/me/removed", token)).isEqualTo(200);
        var left = server.putAs(token, "/api/devices/me/removed", Map.of());
        assertThat(left.raw().headers().firstValue("Set-Cookie").orElseThrow()).contains("Max-Age=0");
        assertThat(visit(NETWORK, "/api/seat/" + id + "/orders", token)).isEqualTo(403);
    }

    @Test
    void theMachineGrantsRolesAndTheAnswerSetsASafeCookie() throws Exception {
        var code = server.post("/api/devices/codes", Map.of("role", "TECHNICIAN"));
        assertThat(code.status()).isEqualTo(200);
        var joined = server.post("/api/pairing", Map.of("code", code.text("code"), "name", "Tablet"));
        assertThat(joined.text("role")).isEqualTo("TECHNICIAN");
        assertThat(joined.raw().headers().firstValue("Set-Cookie").orElseThrow())
                .contains("HttpOnly")
                .contains("SameSite=Strict");
        var again = server.post("/api/pairing", Map.of("code", code.text("code"), "name", "Tablet"));
        assertThat(again.status()).isEqualTo(400);
        assertThat(again.text("detail")).contains("each works once");

        assertThat(server.post("/api/devices/codes", Map.of("role", "OWNER")).status())
                .isEqualTo(400);
        assertThat(server.post("/api/devices/codes", Map.of("role", "SEAT")).text("detail"))
                .contains("say which");
    }
}

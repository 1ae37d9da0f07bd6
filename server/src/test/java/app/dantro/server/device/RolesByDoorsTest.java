package app.dantro.server.device;

import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.server.RunningServer;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.servlet.http.Cookie;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.mock.web.MockFilterChain;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;

/** Every published door for every role, from the document itself: a door that is new is shut until it is listed here. */
class RolesByDoorsTest {
    private static final String NETWORK = "192.0.2.77";
    private static final Set<String> EVERYBODYS = Set.of("/api/devices/me", "/api/devices/me/removed", "/api/pairing");
    private static final Set<String> OWNERS = Set.of(
            "/api/backups",
            "/api/backups/places/{placeId}",
            "/api/health",
            "/api/log/rebuild",
            "/api/cases/{caseId}/erasures/{erasureId}");

    @TempDir
    Path folder;

    @Test
    void noDoorLetsInMoreThanItShould() throws Exception {
        try (RunningServer server = RunningServer.on(folder)) {
            String own = server.openCase().replace("/api/cases/", "");
            String technician = pair(server, Role.TECHNICIAN, Optional.empty());
            String seat = pair(server, Role.SEAT, Optional.of(UUID.fromString(own)));
            JsonNode document =
                    new ObjectMapper().readTree(server.get("/api/openapi").raw().body());
            List<String> wrong = new ArrayList<>();
            int cells = 0;
            for (Map.Entry<String, JsonNode> path : document.get("paths").properties()) {
                for (String method : (Iterable<String>) () -> path.getValue().fieldNames()) {
                    String door = path.getKey();
                    boolean open = EVERYBODYS.contains(door);
                    boolean seats = door.startsWith("/api/seat/{caseId}");
                    check(wrong, visit(server, method, door, own, null), open, "stranger", method, door);
                    check(wrong, visit(server, method, door, own, "made up"), open, "forged", method, door);
                    check(wrong, visit(server, method, door, own, seat), open || seats, "seat", method, door);
                    String other = UUID.randomUUID().toString();
                    check(wrong, visit(server, method, door, other, seat), open, "seat elsewhere", method, door);
                    boolean works = !OWNERS.contains(door);
                    check(wrong, visit(server, method, door, own, technician), works, "technician", method, door);
                    cells += 5;
                }
            }
            assertThat(wrong).isEmpty();
            assertThat(cells).isGreaterThan(200);
        }
    }

    private static void check(List<String> wrong, boolean let, boolean should, String who, String method, String door) {
        if (let != should) {
            wrong.add("%s %s %s: %s".formatted(who, method, door, let ? "let in" : "kept out"));
        }
    }

    /** Whether the guard lets it pass. */
    private static boolean visit(RunningServer server, String method, String door, String caseId, String token)
            throws Exception {
        String path = door.replace("{caseId}", caseId)
                .replaceAll("\\{[^}]*}", UUID.randomUUID().toString());
        MockHttpServletRequest request = new MockHttpServletRequest(method.toUpperCase(Locale.ROOT), path);
        request.setServletPath(path);
        request.setRemoteAddr(NETWORK);
        if (token != null) {
            request.setCookies(new Cookie(DeviceCookie.NAME, token));
        }
        MockHttpServletResponse response = new MockHttpServletResponse();
        server.bean(DeviceGuard.class).doFilter(request, response, new MockFilterChain());
        return response.getStatus() == 200;
    }

    private static String pair(RunningServer server, Role role, Optional<UUID> caseId) {
        String code = server.bean(PairingCodes.class).make(role, caseId).digits();
        return server.bean(Devices.class)
                .join(code, "Phone", Optional.empty(), NETWORK)
                .token();
    }
}

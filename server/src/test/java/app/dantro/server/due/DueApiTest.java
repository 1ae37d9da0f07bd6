package app.dantro.server.due;

import static app.dantro.server.RunningServer.fresh;
import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.server.OneServer;
import app.dantro.server.RunningServer;
import com.fasterxml.jackson.databind.JsonNode;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** What was planned, what the readings foretell, and what became of it. */
class DueApiTest extends OneServer {
    private static final LocalDate TODAY = LocalDate.now();

    private static Map<String, Object> due(String words, LocalDate day) {
        return new LinkedHashMap<>(
                Map.of("kind", "RECHECK", "words", words, "day", day.toString(), "by", "Ada", "saidAtMs", 5));
    }

    private static String vehicle(String name) throws Exception {
        String id = UUID.randomUUID().toString();
        Map<String, Object> body = RunningServer.newCase();
        body.put("vehicle", name);
        server.put("/api/cases/" + id, body);
        return id;
    }

    private static JsonNode of(String vehicle) throws Exception {
        for (JsonNode line : server.get("/api/due").body()) {
            if (line.at("/vehicle/id").asText().equals(vehicle)) {
                return line;
            }
        }
        return null;
    }

    @Test
    void aRecheckStandsThereUntilItIsSettledAndCanBePutBack() throws Exception {
        String van = vehicle("Forge van");
        Map<String, Object> recheck = due("Read the strap again", TODAY.plusMonths(3));
        recheck.put("vehicle", van);
        recheck.put("odometer", 101_000);
        String path = "/api" + fresh("due");
        assertThat(server.put(path, recheck).status()).isEqualTo(201);
        assertThat(server.put(path, recheck).status()).isEqualTo(200);
        recheck.put("words", "Something else");
        assertThat(server.put(path, recheck).status()).isEqualTo(409);

        JsonNode line = of(van);
        assertThat(line.path("words").asText()).isEqualTo("Read the strap again");
        assertThat(line.path("odometer").asText()).isEqualTo("or at 101000 km");
        assertThat(line.path("overdue").asBoolean()).isFalse();
        assertThat(line.at("/vehicle/name").asText()).isEqualTo("Forge van");
        String calendar = server.get("/api/due/calendar").raw().body();
        assertThat(calendar)
                .contains("DTSTART;VALUE=DATE:" + TODAY.plusMonths(3).toString().replace("-", ""))
                .contains("SUMMARY:Forge van: Read the strap again")
                .contains("END:VCALENDAR");

        server.put(path + fresh("settled"), Map.of("how", "DONE", "by", "Bo", "saidAtMs", 6));
        assertThat(of(van)).isNull();
        server.put(path + fresh("settled"), Map.of("how", "AGAIN", "by", "Bo", "saidAtMs", 7));
        assertThat(of(van)).isNotNull();
    }

    @Test
    void whatCannotBeDueIsRefusedInWords() throws Exception {
        assertThat(server.put("/api" + fresh("due"), due("Too late", TODAY.minusDays(2)))
                        .status())
                .isEqualTo(400);
        assertThat(server.put("/api" + fresh("due"), due("Too far", TODAY.plusYears(30)))
                        .status())
                .isEqualTo(400);
        Map<String, Object> nowhere = due("On no vehicle", TODAY.plusDays(1));
        nowhere.put("vehicle", UUID.randomUUID().toString());
        assertThat(server.put("/api" + fresh("due"), nowhere).status()).isEqualTo(400);
        assertThat(server.put(
                                "/api/due/" + UUID.randomUUID() + fresh("settled"),
                                Map.of("how", "DONE", "by", "t", "saidAtMs", 1))
                        .status())
                .isEqualTo(404);
    }

    @Test
    void aBatteryOverFiveYearsOldIsOverdue() throws Exception {
        String old = vehicle("Kiln tractor");
        String young = vehicle("Kiln quad");
        fitted(old, String.valueOf(TODAY.getYear() - 6));
        fitted(young, TODAY.getYear() - 3 + "-01");
        assertThat(of(old).path("words").asText()).contains("5 years old");
        assertThat(of(old).path("overdue").asBoolean()).isTrue();
        assertThat(of(young)).isNull();
        fitted(old, String.valueOf(TODAY.getYear() - 1));
        assertThat(of(old)).isNull();
    }

    @Test
    void aBatteryThatWasReplacedAtAJobIsAsOldAsThatJob() throws Exception {
        String van = vehicle("Kiln van");
        fitted(van, String.valueOf(TODAY.getYear() - 8));
        assertThat(of(van)).isNotNull();
        String replaced = fresh("repairs");
        long at = System.currentTimeMillis();
        replaced(van, replaced, "battery", at);
        assertThat(of(van)).as("a new one").isNull();
        server.put(
                "/api/cases/" + van + fresh("strikes"),
                Map.of(
                        "target",
                        replaced.substring(replaced.lastIndexOf('/') + 1),
                        "restores",
                        false,
                        "reason",
                        "",
                        "by",
                        "t",
                        "struckAtMs",
                        at + 1));
        assertThat(of(van)).as("struck again").isNotNull();

        String never = vehicle("Kiln cart");
        replaced(never, fresh("repairs"), "battery", at - 6 * 366 * 24 * 3_600_000L);
        assertThat(of(never))
                .as("replaced over five years ago, nobody said when it was fitted")
                .isNotNull();
    }

    @Test
    void oneNewBatteryOfTwoLeavesTheOtherOld() throws Exception {
        String truck = UUID.randomUUID().toString();
        Map<String, Object> body = RunningServer.newCase();
        body.putAll(Map.of("vehicle", "Kiln truck", "circuit", "twin-battery-diesel"));
        server.put("/api/cases/" + truck, body);
        fitted(truck, String.valueOf(TODAY.getYear() - 8));
        long at = System.currentTimeMillis();
        replaced(truck, fresh("repairs"), "battery-a", at);
        assertThat(of(truck)).isNotNull();
        replaced(truck, fresh("repairs"), "battery-b", at + 1);
        assertThat(of(truck)).isNull();
    }

    private static void replaced(String onCase, String repair, String part, long at) throws Exception {
        assertThat(server.put(
                                "/api/cases/" + onCase + repair,
                                Map.of("part", part, "action", "REPLACED", "note", "", "by", "t", "doneAtMs", at))
                        .status())
                .isEqualTo(201);
    }

    private static void fitted(String vehicle, String when) throws Exception {
        assertThat(server.put(
                                "/api/vehicles/" + vehicle + fresh("details"),
                                Map.of("field", "FITTED", "value", when, "by", "t", "saidAtMs", 1))
                        .status())
                .isEqualTo(201);
    }

    /** 0.1, 0.2, 0.3 mΩ at 180 days from one to the next: what is left of the band is crossed at that pace. */
    @Test
    void aJointThatDriftsIsDueWhenItLeavesItsBand() throws Exception {
        long now = System.currentTimeMillis();
        String vehicle = "";
        for (int visit = 0; visit < 3; visit++) {
            String id = UUID.randomUUID().toString();
            Map<String, Object> body = RunningServer.newCase();
            body.put("vehicle", "Lock barge van");
            body.put("openedAtMs", now - (3 - visit) * 180L * 24 * 3600 * 1000);
            if (!vehicle.isEmpty()) {
                body.put("onVehicle", vehicle);
            }
            server.put("/api/cases/" + id, body);
            vehicle = vehicle.isEmpty() ? id : vehicle;
            Map<String, Object> drop = RunningServer.cranking("block", "strap-engine", "0.0" + (10 + 10 * visit), 100);
            drop.put("takenAtMs", (long) body.get("openedAtMs") + 1000);
            server.put("/api/cases/" + id + fresh("readings"), drop);
        }
        JsonNode line = null;
        for (int i = 0; i < 100 && line == null; i++) {
            Thread.sleep(100);
            line = of(vehicle);
        }
        assertThat(line).isNotNull();
        assertThat(line.path("kind").asText()).isEqualTo("DRIFT");
        assertThat(line.hasNonNull("id")).isFalse();
        JsonNode joint = server.get("/api/vehicles/" + vehicle).body().at("/joints/0");
        double days = (joint.path("healthyHighMilliohms").asDouble() - 0.3) / 0.1 * 180;
        assertThat(LocalDate.parse(line.path("day").asText()))
                .isBetween(TODAY.plusDays(Math.round(days) - 190), TODAY.plusDays(Math.round(days) - 170));
    }
}

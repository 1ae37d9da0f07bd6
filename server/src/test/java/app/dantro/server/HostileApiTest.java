package app.dantro.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.server.RunningServer.Answer;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Base64;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.jdbc.core.simple.JdbcClient;

/** What nobody sends by mistake ends in a sentence, and takes nothing else down. */
class HostileApiTest extends OneCase {
    private static final String CASE_FILE =
            "{\"format\":\"dantro-case\",\"version\":2,\"circuit\":{\"ready_made\":\"petrol-car\"},\"vehicle\":{%s}}";

    @ParameterizedTest
    @ValueSource(strings = {"complaint-tests", "statements", "strikes", "readings"})
    void aFieldThatIsThereTwiceIsRefusedAtEveryDoor(String door) throws Exception {
        Answer answer = put(path + RunningServer.fresh(door), "{\"by\":\"x\",\"by\":\"y\"}");
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.text("code")).isEqualTo("bad-json");
    }

    @Test
    void aMissingMemberOfAListIsNamed() throws Exception {
        Answer preview = server.post(path + "/circuit/preview", Map.of("edits", new Object[] {null}));
        assertThat(preview.status()).isEqualTo(400);
        assertThat(preview.body().at("/fields/0/field").asText()).contains("edits[0]");
        assertThat(put(path + "/circuit/2", "{\"edits\":[null],\"by\":\"x\",\"changedAtMs\":1}")
                        .status())
                .isEqualTo(400);
    }

    @ParameterizedTest
    @ValueSource(doubles = {1e-310, 5e-324, 9e-4})
    void aCurrentThatNoClampShowsIsRefusedAndTheBayStands(double amps) throws Exception {
        Map<String, Object> body = RunningServer.cranking("post-plus", "clamp-plus", "0.05", amps);
        Answer refused = server.put(path + RunningServer.fresh("readings"), body);
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.body().at("/fields/0/field").asText()).isEqualTo("amps");
        assertThat(server.get(path).status()).isEqualTo(200);
        assertThat(server.get("/api/cases").status()).isEqualTo(200);
    }

    @ParameterizedTest
    @CsvSource({"'', name, x", "long, name, x", "t, name, long", "t, complaint, long"})
    void aCaseFileKeepsToTheLimitsOfTheForms(String by, String field, String text) throws Exception {
        String who = by.equals("long") ? "b".repeat(61) : by;
        String words = text.equals("long") ? "w".repeat(5_000) : text;
        Answer refused = put(
                "/api/cases/%s/file?by=%s".formatted(UUID.randomUUID(), who),
                CASE_FILE.formatted("\"%s\":\"%s\"".formatted(field, words)));
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.body().at("/fields/0/field").asText()).isIn("by", "$.vehicle." + field);
    }

    @Test
    void aPictureOfManyPixelsIsReadSparselyAndOtherKindsAreNotTaken() throws Exception {
        String id = UUID.randomUUID().toString();
        assertThat(server.put(path + "/photos/" + id, photo(picture(9_000, 6_000, "png")))
                        .status())
                .isEqualTo(201);
        byte[] kept = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(server.base() + path + "/photos/" + id))
                                .build(),
                        BodyHandlers.ofByteArray())
                .body();
        BufferedImage small = ImageIO.read(new ByteArrayInputStream(kept));
        assertThat(small.getWidth()).isEqualTo(1280);
        assertThat(small.getHeight()).isBetween(850, 856);
        Answer refused = server.put(path + RunningServer.fresh("photos"), photo(picture(40, 30, "gif")));
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.text("detail")).contains("JPEG or PNG");
    }

    @Test
    void aFullDiskIsSaidAndWhatIsRefusedCanBeSentAgain() throws Exception {
        JdbcClient writer = server.bean(JdbcClient.class);
        long before = writer.sql("PRAGMA max_page_count").query(Long.class).single();
        long pages = writer.sql("PRAGMA page_count").query(Long.class).single();
        writer.sql("PRAGMA max_page_count = " + pages).query(Long.class).single();
        Map<String, Object> body = new HashMap<>(said("REPLACED", "x".repeat(200)));
        body.put("note", "n".repeat(500));
        String refused = null;
        for (int i = 0; i < 50 && refused == null; i++) {
            String id = path + RunningServer.fresh("statements");
            Answer answer = server.put(id, body);
            if (answer.status() != 201) {
                assertThat(answer.status()).isEqualTo(507);
                assertThat(answer.text("detail")).contains("The disk is full").contains("is safe");
                refused = id;
            }
        }
        assertThat(refused).isNotNull();
        writer.sql("PRAGMA max_page_count = " + before).query(Long.class).single();
        assertThat(server.put(refused, body).status()).isEqualTo(201);
    }

    @Test
    void aNewDataFolderIsItsOwnersAlone(@TempDir Path beside) throws Exception {
        Path data = beside.resolve("shop").resolve("data");
        RunningServer.on(data).close();
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(data)))
                .isEqualTo("rwx------");
    }

    private static Answer put(String address, String json) throws Exception {
        return server.putRaw(address, json, "application/json", server.base());
    }

    private static Map<String, Object> photo(byte[] bytes) {
        String text = Base64.getEncoder().encodeToString(bytes);
        return Map.of("topic", "LOOK_POSTS", "base64", text, "by", "test", "takenAtMs", 1);
    }

    private static byte[] picture(int width, int height, String format) throws Exception {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_BYTE_BINARY), format, bytes);
        return bytes.toByteArray();
    }
}

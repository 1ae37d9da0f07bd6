package app.dantro.server;

import static app.dantro.server.RunningServer.fresh;
import static app.dantro.server.RunningServer.reading;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.dantro.server.db.DataFolder;
import com.fasterxml.jackson.databind.JsonNode;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.util.Base64;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What a person wrote or photographed can be erased for good; what was measured stays, and the seal holds. */
class ErasureApiTest {
    private static final String WORDS = "rented to the widow in Reed Lane";
    /** A word of them as an index of words would keep it. */
    private static final String RARE = "widow";

    @TempDir
    Path folder;

    private static Map<String, Object> erasing(String target) {
        Map<String, Object> body = new HashMap<>(Map.of("by", "test", "erasedAtMs", 9));
        if (target != null) {
            body.put("target", target);
        }
        return body;
    }

    private static Map<String, Object> picture() throws Exception {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB), "jpeg", bytes);
        String base64 = Base64.getEncoder().encodeToString(bytes.toByteArray());
        return Map.of("topic", "LOOK_POSTS", "base64", base64, "by", "test", "takenAtMs", 1);
    }

    private static Map<String, Object> said(String topic, String value, String note) {
        return Map.of("topic", topic, "value", value, "note", note, "by", "test", "saidAtMs", 2);
    }

    private String written(RunningServer server) throws Exception {
        String path = server.openCase();
        server.put(path + fresh("readings"), reading("post-plus", "post-minus", "REST", "12.61"));
        server.put(path + fresh("statements"), said("LAST_TIME", WORDS, ""));
        server.put(path + fresh("statements"), said("ENGINE_DISABLED", "OPEN", WORDS));
        assertThat(server.put(path + fresh("photos"), picture()).status()).isEqualTo(201);
        return path;
    }

    private boolean onDisk() throws Exception {
        for (String name : new String[] {"dantro.db", "dantro.db-wal"}) {
            Path file = folder.resolve(name);
            if (Files.exists(file)
                    && new String(Files.readAllBytes(file), StandardCharsets.ISO_8859_1).contains(RARE)) {
                return true;
            }
        }
        return false;
    }

    @Test
    void allThatIsPersonalGoesAndWhatWasMeasuredStays() throws Exception {
        String path;
        try (RunningServer server = RunningServer.on(folder)) {
            path = written(server);
            assertThat(onDisk()).isTrue();
            String erasure = path + fresh("erasures");
            assertThat(server.put(erasure, erasing(null)).status()).isEqualTo(201);
            assertThat(server.put(erasure, erasing(null)).status()).isEqualTo(200);
            String view = server.get(path).raw().body();
            assertThat(view).doesNotContain(WORDS).contains("12.61").contains("\"vehicle\":\"erased\"");
            assertThat(server.get(path).body().path("photos")).isEmpty();
            assertThat(onDisk()).isFalse();
        }
        try (RunningServer again = RunningServer.on(folder)) {
            assertThat(again.get(path).body().path("readings")).hasSize(1);
            assertThat(again.put(path + fresh("readings"), reading("post-plus", "post-minus", "REST", "12.60"))
                            .status())
                    .isEqualTo(201);
        }
        DataFolder.open(folder).close();
    }

    @Test
    void onePictureGoesAndNothingElse() throws Exception {
        try (RunningServer server = RunningServer.on(folder)) {
            String path = written(server);
            JsonNode before = server.get(path).body();
            String photo = before.at("/photos/0/id").asText();
            RunningServer.Answer erased = server.put(path + fresh("erasures"), erasing(photo));
            assertThat(erased.status()).isEqualTo(201);
            assertThat(erased.body().path("photos")).isEmpty();
            assertThat(erased.body().path("entries").asInt())
                    .as("a page takes an answer with fewer entries for an older one")
                    .isGreaterThanOrEqualTo(before.path("entries").asInt());
            assertThat(server.get(path + "/photos/" + photo).status()).isEqualTo(404);
            assertThat(server.get(path).raw().body()).contains(WORDS);
            assertThat(server.put(
                                    path + fresh("erasures"),
                                    erasing(UUID.randomUUID().toString()))
                            .status())
                    .isEqualTo(400);
        }
        DataFolder.open(folder).close();
    }

    @Test
    void wordsThatSomebodyChangesByHandAreNoticed() throws Exception {
        try (RunningServer server = RunningServer.on(folder)) {
            written(server);
        }
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("dantro.db"));
                Statement statement = connection.createStatement()) {
            statement.executeUpdate("UPDATE statement SET note = 'nothing' WHERE topic = 'ENGINE_DISABLED'");
        }
        assertThatThrownBy(() -> DataFolder.open(folder))
                .isInstanceOf(StartRefused.class)
                .hasMessageContaining("a row (statement) is other than it was written");
    }
}

package app.dantro.server;

import static app.dantro.server.RunningServer.fresh;
import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.server.RunningServer.Answer;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.Map;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

/** Pictures of what was seen. */
class PhotoApiTest extends OneRestedCase {
    @Test
    void aPictureIsMadeSmallAndLosesEverythingButItsPixels() throws Exception {
        byte[] sent = withPosition(jpeg(2000, 1500));
        assertThat(new String(sent, StandardCharsets.ISO_8859_1)).contains("GPS 53.5 N");
        String id = UUID.randomUUID().toString();
        Answer saved = server.put(path + "/photos/" + id, photo(sent));
        assertThat(saved.status()).isEqualTo(201);
        assertThat(saved.body().at("/photos/0/id").asText()).isEqualTo(id);
        byte[] kept = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(server.base() + path + "/photos/" + id))
                                .build(),
                        BodyHandlers.ofByteArray())
                .body();
        assertThat(new String(kept, StandardCharsets.ISO_8859_1)).doesNotContain("GPS", "Exif");
        BufferedImage image = ImageIO.read(new ByteArrayInputStream(kept));
        assertThat(new int[] {image.getWidth(), image.getHeight()}).containsExactly(1280, 960);
        Answer struck = server.put(
                path + fresh("strikes"),
                Map.of("target", id, "restores", false, "reason", "Wrong", "by", "test", "struckAtMs", 1));
        assertThat(struck.body().path("photos")).isEmpty();
    }

    @Test
    void anotherPictureUnderTheSameIdIsRefused() throws Exception {
        String id = path + fresh("photos");
        assertThat(server.put(id, photo(jpeg(40, 30))).status()).isEqualTo(201);
        assertThat(server.put(id, photo(jpeg(40, 30))).status())
                .as("sent again")
                .isEqualTo(200);
        assertThat(server.put(id, photo(jpeg(30, 40))).status()).isEqualTo(409);
    }

    @Test
    void whatIsNoPictureIsRefused() throws Exception {
        Answer answer = server.put(path + fresh("photos"), photo("no picture".getBytes(StandardCharsets.UTF_8)));
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.text("detail")).contains("not a picture");
        assertThat(server.get(path + fresh("photos")).status()).isEqualTo(404);
    }

    private static Map<String, Object> photo(byte[] bytes) {
        return Map.of(
                "topic",
                "LOOK_POSTS",
                "base64",
                Base64.getEncoder().encodeToString(bytes),
                "by",
                "test",
                "takenAtMs",
                1_780_000_000_000L);
    }

    private static byte[] jpeg(int width, int height) throws Exception {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB), "jpeg", bytes);
        return bytes.toByteArray();
    }

    /** The same picture with a block of camera data in front, as phones write it. */
    private static byte[] withPosition(byte[] jpeg) throws Exception {
        byte[] data = "Exif\0\0GPS 53.5 N".getBytes(StandardCharsets.ISO_8859_1);
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        bytes.write(jpeg, 0, 2);
        bytes.write(new byte[] {(byte) 0xff, (byte) 0xe1, 0, (byte) (data.length + 2)});
        bytes.write(data);
        bytes.write(jpeg, 2, jpeg.length - 2);
        return bytes.toByteArray();
    }
}

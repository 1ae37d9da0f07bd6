package app.dantro.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** What a browser may keep of the program. */
class KeptFilesTest extends OneServer {
    @Test
    void whatBearsItsContentsNameIsKeptForAYearAndThePageNever() throws Exception {
        HttpResponse<String> page = fetch("/");
        assertThat(page.headers().firstValue("Cache-Control")).contains("no-cache");
        Matcher part = Pattern.compile("/assets/[^\"]+\\.js").matcher(page.body());
        assertThat(part.find()).isTrue();
        HttpResponse<String> script = fetch(part.group());
        assertThat(script.statusCode()).isEqualTo(200);
        assertThat(script.headers().firstValue("Cache-Control").orElse("")).contains("max-age=31536000", "immutable");
        assertThat(fetch("/assets/of-before.js").statusCode()).isEqualTo(404);
    }

    @Test
    void everyAnswerSaysWhichBuildThePageIsOf() throws Exception {
        Matcher script = Pattern.compile("/assets/index-([\\w-]+)\\.js")
                .matcher(fetch("/").body());
        assertThat(script.find()).isTrue();
        for (String path : List.of("/", "/api/cases", "/api/cases/00000000-0000-0000-0000-000000000000", "/nowhere")) {
            assertThat(fetch(path).headers().firstValue("X-Dantro-Build"))
                    .as(path)
                    .contains(script.group(1));
        }
    }

    @Test
    void thePageCanBeInstalledOnTheWorkshopsComputer() throws Exception {
        assertThat(fetch("/").body()).contains("rel=\"manifest\"");
        HttpResponse<String> manifest = fetch("/manifest.webmanifest");
        assertThat(manifest.statusCode()).isEqualTo(200);
        assertThat(manifest.body()).contains("\"start_url\":\"/\"", "\"display\":\"standalone\"", "/icon.svg");
    }

    private static HttpResponse<String> fetch(String path) throws Exception {
        return HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(server.base() + path)).build(),
                        HttpResponse.BodyHandlers.ofString());
    }
}

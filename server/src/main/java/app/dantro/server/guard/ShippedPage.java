package app.dantro.server.guard;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;

/** The page this server ships: a page that is open since before an update can tell by its build that it is not this one. */
@Component
class ShippedPage {
    private static final Pattern FIRST_SCRIPT = Pattern.compile("/assets/index-([\\w-]+)\\.js");
    private static final String NONE = "none";

    private final String build = read(new ClassPathResource("static/index.html"));

    /** The name that its first script bears for its content; {@code none} where no page is shipped. */
    String build() {
        return build;
    }

    private static String read(ClassPathResource page) {
        if (!page.exists()) {
            return NONE;
        }
        try {
            Matcher script = FIRST_SCRIPT.matcher(page.getContentAsString(StandardCharsets.UTF_8));
            return script.find() ? script.group(1) : NONE;
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}

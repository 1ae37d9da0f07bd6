package app.dantro.server.guard;

import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Refuses requests for another host name (DNS rebinding), writes from another origin or without JSON, and bodies over
 * 64 KiB, a case file over 2 MiB.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class RequestGuard extends OncePerRequestFilter {
    private static final Set<String> HOST_NAMES = Set.of("127.0.0.1", "localhost", "[::1]");
    private static final Set<String> READING_METHODS = Set.of("GET", "HEAD", "OPTIONS");
    private static final long MOST_BYTES = 64 * 1024;
    private static final long MOST_FILE_BYTES = 2 << 20;

    private final ObjectMapper json;

    RequestGuard(ObjectMapper json) {
        this.json = json;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String host = request.getHeader("Host");
        if (host == null || !hosts(request.getLocalPort()).contains(host.toLowerCase(Locale.ROOT))) {
            refuse(
                    response,
                    HttpStatus.FORBIDDEN,
                    "wrong-host",
                    "Dantro answers only to its own address: open http://127.0.0.1:%d."
                            .formatted(request.getLocalPort()));
        } else if (READING_METHODS.contains(request.getMethod())) {
            headers(response);
            chain.doFilter(request, response);
        } else if (!("http://" + host).equalsIgnoreCase(request.getHeader("Origin"))) {
            refuse(
                    response,
                    HttpStatus.FORBIDDEN,
                    "wrong-origin",
                    "Only Dantro's own pages may write: send the header Origin: http://%s.".formatted(host));
        } else if (!isJson(request)) {
            refuse(
                    response,
                    HttpStatus.UNSUPPORTED_MEDIA_TYPE,
                    "not-json",
                    "Send JSON, with the header Content-Type: application/json.");
        } else if (request.getContentLengthLong() < 0 || request.getContentLengthLong() > mostBytes(request)) {
            refuse(
                    response,
                    HttpStatus.PAYLOAD_TOO_LARGE,
                    "too-large",
                    "The body must say its length and stay under %s KiB.".formatted(mostBytes(request) >> 10));
        } else {
            headers(response);
            chain.doFilter(request, response);
        }
    }

    private static List<String> hosts(int port) {
        return HOST_NAMES.stream().map(name -> name + ":" + port).toList();
    }

    private static boolean isJson(HttpServletRequest request) {
        String type = request.getContentType();
        return type != null
                && type.toLowerCase(Locale.ROOT).split(";")[0].strip().equals(MediaType.APPLICATION_JSON_VALUE);
    }

    private static void headers(HttpServletResponse response) {
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader(
                "Content-Security-Policy",
                "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:; frame-ancestors 'none'");
        response.setHeader("Referrer-Policy", "no-referrer");
    }

    private void refuse(HttpServletResponse response, HttpStatus status, String code, String detail)
            throws IOException {
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        json.writeValue(
                response.getOutputStream(),
                Map.of(
                        "type",
                        "about:blank",
                        "title",
                        status.getReasonPhrase(),
                        "status",
                        status.value(),
                        "detail",
                        detail,
                        "code",
                        code,
                        "fields",
                        List.of()));
    }

    private static long mostBytes(HttpServletRequest request) {
        String path = request.getRequestURI();
        boolean file = path.endsWith("/file") || path.equals("/api/predict") || path.equals("/api/netlist");
        return file ? MOST_FILE_BYTES : MOST_BYTES;
    }
}

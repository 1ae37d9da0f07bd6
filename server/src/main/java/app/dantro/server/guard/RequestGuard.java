package app.dantro.server.guard;

import app.dantro.server.device.Reach;
import app.dantro.server.problem.ProblemWriter;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import java.util.Locale;
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
    private static final Set<String> READING_METHODS = Set.of("GET", "HEAD", "OPTIONS");
    private static final long MOST_BYTES = 64 * 1024;
    private static final long MOST_FILE_BYTES = 2 << 20;

    private final Reach reach;
    private final ProblemWriter problems;
    private final ShippedPage page;

    RequestGuard(Reach reach, ProblemWriter problems, ShippedPage page) {
        this.reach = reach;
        this.problems = problems;
        this.page = page;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String host = request.getHeader("Host");
        response.setHeader("X-Dantro-Build", page.build());
        PageHeaders.put(request.getRequestURI(), response);
        if (host == null || !hosts(request.getLocalPort()).contains(host.toLowerCase(Locale.ROOT))) {
            problems.write(
                    response,
                    HttpStatus.FORBIDDEN,
                    "wrong-host",
                    "Dantro answers only to its own address: open %s://127.0.0.1:%d."
                            .formatted(reach.scheme(), request.getLocalPort()));
        } else if (READING_METHODS.contains(request.getMethod())) {
            chain.doFilter(request, response);
        } else if (!(reach.scheme() + "://" + host).equalsIgnoreCase(request.getHeader("Origin"))) {
            problems.write(
                    response,
                    HttpStatus.FORBIDDEN,
                    "wrong-origin",
                    "Only Dantro's own pages may write: send the header Origin: %s://%s."
                            .formatted(reach.scheme(), host));
        } else if (!isJson(request)) {
            problems.write(
                    response,
                    HttpStatus.UNSUPPORTED_MEDIA_TYPE,
                    "not-json",
                    "Send JSON, with the header Content-Type: application/json.");
        } else if (request.getContentLengthLong() < 0 || request.getContentLengthLong() > mostBytes(request)) {
            problems.write(
                    response,
                    HttpStatus.PAYLOAD_TOO_LARGE,
                    "too-large",
                    "The body must say its length and stay under %s KiB.".formatted(mostBytes(request) >> 10));
        } else {
            chain.doFilter(request, response);
        }
    }

    private List<String> hosts(int port) {
        return reach.hostNames().stream().map(name -> name + ":" + port).toList();
    }

    private static boolean isJson(HttpServletRequest request) {
        String type = request.getContentType();
        return type != null
                && type.toLowerCase(Locale.ROOT).split(";")[0].strip().equals(MediaType.APPLICATION_JSON_VALUE);
    }

    private static long mostBytes(HttpServletRequest request) {
        String path = request.getRequestURI();
        boolean file = path.endsWith("/file")
                || path.contains("/photos/")
                || path.equals("/api/predict")
                || path.equals("/api/diagnose")
                || path.equals("/api/netlist");
        return file ? MOST_FILE_BYTES : MOST_BYTES;
    }
}

package app.dantro.server.guard;

import app.dantro.server.problem.ProblemWriter;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.InetAddress;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Bodies that never come hold no thread for long: each has to arrive at a minimum rate, and a device on the network may send
 * only some at a time, so that it stops nobody else's.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 2)
class BodyGuard extends OncePerRequestFilter {
    /** More than any browser sends at once. */
    static final int MOST_AT_A_TIME = 8;

    private final ProblemWriter problems;
    private final Map<String, Integer> sending = new ConcurrentHashMap<>();

    BodyGuard(ProblemWriter problems) {
        this.problems = problems;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (request.getContentLengthLong() <= 0) {
            chain.doFilter(request, response);
            return;
        }
        String peer = request.getRemoteAddr();
        int now = sending.merge(peer, 1, Integer::sum);
        try {
            if (now > MOST_AT_A_TIME && !InetAddress.getByName(peer).isLoopbackAddress()) {
                response.setHeader("Connection", "close");
                problems.write(
                        response,
                        HttpStatus.SERVICE_UNAVAILABLE,
                        "too-many",
                        "This device sends more than %d requests at a time: this one may be sent again as it is."
                                .formatted(MOST_AT_A_TIME));
            } else {
                chain.doFilter(new RatedRequest(request, System::nanoTime), response);
            }
        } finally {
            sending.computeIfPresent(peer, (p, count) -> count > 1 ? count - 1 : null);
        }
    }
}

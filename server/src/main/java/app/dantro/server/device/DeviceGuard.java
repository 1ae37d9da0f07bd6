package app.dantro.server.device;

import app.dantro.server.problem.ProblemWriter;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.InetAddress;
import java.util.Optional;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Lets each visitor reach what their role allows. A known cookie says who it is; without one, a request from this very
 * machine is the owner's and any other a stranger's. The pages themselves are open, the data is not.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class DeviceGuard extends OncePerRequestFilter {
    private final Devices devices;
    private final DeviceCookie cookie;
    private final ProblemWriter problems;

    DeviceGuard(Devices devices, DeviceCookie cookie, ProblemWriter problems) {
        this.devices = devices;
        this.cookie = cookie;
        this.problems = problems;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        // Decoded and normalized, as the address will be understood: /%61pi/cases is /api/cases.
        String path = request.getServletPath();
        if (!path.startsWith("/api")) {
            chain.doFilter(request, response);
            return;
        }
        Visitor visitor = visitor(request, response);
        visitor.putOn(request);
        if (visitor.mayReach(path)) {
            chain.doFilter(request, response);
        } else if (visitor.role() == Role.SEAT) {
            problems.write(
                    response,
                    HttpStatus.FORBIDDEN,
                    "seat-only",
                    "This device is a seat: it sees its orders and answers them, nothing else.");
        } else if (visitor.role() == Role.TECHNICIAN) {
            problems.write(
                    response,
                    HttpStatus.FORBIDDEN,
                    "owner-only",
                    "This is for the workshop's own computer. Open it there.");
        } else {
            problems.write(
                    response,
                    HttpStatus.FORBIDDEN,
                    "not-paired",
                    "This device is not paired. Ask for a code at the workshop's computer and type it here.");
        }
    }

    private Visitor visitor(HttpServletRequest request, HttpServletResponse response) throws IOException {
        Optional<String> token = DeviceCookie.of(request);
        Optional<PairedDevice> paired = token.flatMap(devices::byToken);
        if (paired.isPresent()) {
            if (devices.note(paired.get())) {
                cookie.set(response, token.get());
            }
            return Visitor.of(paired.get());
        }
        // An address literal: nothing is looked up.
        boolean here = InetAddress.getByName(request.getRemoteAddr()).isLoopbackAddress();
        return here ? Visitor.OWNER : Visitor.STRANGER;
    }
}

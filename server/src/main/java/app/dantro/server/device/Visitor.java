package app.dantro.server.device;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Pattern;

/**
 * Who sends a request.
 *
 * @param device the paired device, if its cookie is known
 * @param caseId the one case of a seat
 */
record Visitor(Role role, Optional<UUID> device, Optional<UUID> caseId) {
    private static final String ATTRIBUTE = Visitor.class.getName();

    private static final Pattern ERASES = Pattern.compile("/api/cases/[^/]+/erasures(/.*)?");

    static final Visitor OWNER = new Visitor(Role.OWNER, Optional.empty(), Optional.empty());
    static final Visitor STRANGER = new Visitor(Role.NONE, Optional.empty(), Optional.empty());

    static Visitor of(PairedDevice paired) {
        return new Visitor(paired.role(), Optional.of(paired.id()), paired.caseId());
    }

    /** Who the guard found behind a request. */
    static Visitor of(HttpServletRequest request) {
        return (Visitor) request.getAttribute(ATTRIBUTE);
    }

    void putOn(HttpServletRequest request) {
        request.setAttribute(ATTRIBUTE, this);
    }

    /** What this visitor may reach under /api. */
    boolean mayReach(String path) {
        return switch (role) {
            case OWNER -> true;
            case TECHNICIAN -> !isOwners(path);
            case SEAT -> isOpen(path) || path.startsWith("/api/seat/" + caseId.orElseThrow());
            case NONE -> isOpen(path);
        };
    }

    /** What only the workshop's own computer may reach: copies of everything, where they go, how the program is, and what cannot be undone. */
    private static boolean isOwners(String path) {
        return path.equals("/api/backups")
                || path.startsWith("/api/backups/")
                || path.equals("/api/health")
                || path.equals("/api/log/rebuild")
                || ERASES.matcher(path).matches();
    }

    /** What everyone may reach: who they are, and the door. */
    private static boolean isOpen(String path) {
        return path.equals("/api/devices/me") || path.equals("/api/devices/me/removed") || path.equals("/api/pairing");
    }
}

package app.dantro.server.guard;

import jakarta.servlet.http.HttpServletResponse;

/** What every answer says of itself, refusals too. */
final class PageHeaders {
    private PageHeaders() {}

    /** What a case says is kept in no cache; a picture says itself how long it may be kept. */
    static void put(String path, HttpServletResponse response) {
        if (path != null && path.startsWith("/api") && !path.contains("/photos/")) {
            response.setHeader("Cache-Control", "no-store");
        }
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader(
                "Content-Security-Policy",
                "default-src 'self'; style-src 'self'; img-src 'self' data:; frame-ancestors 'none'; base-uri 'none'; form-action 'self'; object-src 'none'");
        response.setHeader("Referrer-Policy", "no-referrer");
    }
}

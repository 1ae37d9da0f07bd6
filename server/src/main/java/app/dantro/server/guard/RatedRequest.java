package app.dantro.server.guard;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.TimeUnit;
import java.util.function.LongSupplier;

/** A request whose body has to arrive at a minimum rate. */
final class RatedRequest extends HttpServletRequestWrapper {
    private static final long GRACE_SECONDS = 5;
    /** A photo over a poor line of the shop still comes faster. */
    private static final long LEAST_BYTES_A_SECOND = 4096;

    private final LongSupplier nanos;
    private final long startNanos;

    RatedRequest(HttpServletRequest request, LongSupplier nanos) {
        super(request);
        this.nanos = nanos;
        this.startNanos = nanos.getAsLong();
    }

    @Override
    public ServletInputStream getInputStream() throws IOException {
        return new Rated(super.getInputStream());
    }

    @Override
    public BufferedReader getReader() throws IOException {
        return new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
    }

    private final class Rated extends ServletInputStream {
        private final ServletInputStream body;
        private long bytes;

        Rated(ServletInputStream body) {
            this.body = body;
        }

        @Override
        public int read() throws IOException {
            return counted(body.read(), 1);
        }

        @Override
        public int read(byte[] into, int from, int most) throws IOException {
            int read = body.read(into, from, most);
            return counted(read, read);
        }

        /** @throws IOException if too little came for the time that passed */
        private int counted(int read, int more) throws IOException {
            if (read < 0) {
                return read;
            }
            bytes += more;
            long seconds = TimeUnit.NANOSECONDS.toSeconds(nanos.getAsLong() - startNanos);
            if (seconds > GRACE_SECONDS + bytes / LEAST_BYTES_A_SECOND) {
                throw new IOException("The body came too slowly: %d bytes in %d s.".formatted(bytes, seconds));
            }
            return read;
        }

        @Override
        public boolean isFinished() {
            return body.isFinished();
        }

        @Override
        public boolean isReady() {
            return body.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            body.setReadListener(listener);
        }
    }
}

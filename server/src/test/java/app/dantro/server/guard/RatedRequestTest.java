package app.dantro.server.guard;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletRequest;

/** A body that comes, and one that drips. */
class RatedRequestTest {
    private final AtomicLong nanos = new AtomicLong();

    private RatedRequest with(int bytes) {
        MockHttpServletRequest request = new MockHttpServletRequest();
        request.setContent(new byte[bytes]);
        return new RatedRequest(request, nanos::get);
    }

    @Test
    void aSlowButSteadyBodyIsRead() throws IOException {
        var photo = with(1 << 20).getInputStream();
        byte[] piece = new byte[8192];
        int bytes = 0;
        for (int read = photo.read(piece); read >= 0; read = photo.read(piece)) {
            bytes += read;
            nanos.addAndGet(TimeUnit.MILLISECONDS.toNanos(1_500));
        }
        assertThat(bytes).isEqualTo(1 << 20);
    }

    @Test
    void oneThatDripsIsGivenUp() throws IOException {
        var body = with(1000).getInputStream();
        for (int i = 0; i < 5; i++) {
            assertThat(body.read()).isZero();
            nanos.addAndGet(TimeUnit.SECONDS.toNanos(1));
        }
        nanos.addAndGet(TimeUnit.SECONDS.toNanos(1));
        assertThatThrownBy(body::read).isInstanceOf(IOException.class).hasMessageContaining("too slowly");
    }
}

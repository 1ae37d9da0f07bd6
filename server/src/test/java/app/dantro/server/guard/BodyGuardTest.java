package app.dantro.server.guard;

import static org.assertj.core.api.Assertions.assertThat;

import app.dantro.server.OneServer;
import jakarta.servlet.FilterChain;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;

/** Bodies that are announced and never come. */
@Timeout(60)
class BodyGuardTest extends OneServer {
    /** What was tried: more sockets than threads were, each with one byte of a thousand. */
    @Test
    void sixtySocketsWithoutABodyStopNobody() throws Exception {
        List<Socket> sockets = new ArrayList<>();
        try {
            for (int i = 0; i < 60; i++) {
                Socket socket = new Socket(InetAddress.getLoopbackAddress(), server.port());
                sockets.add(socket);
                OutputStream out = socket.getOutputStream();
                out.write(
                        "POST /api/pairing HTTP/1.1\r\nHost: 127.0.0.1:%1$d\r\nOrigin: http://127.0.0.1:%1$d\r\nContent-Type: application/json\r\nContent-Length: 1000\r\n\r\n{"
                                .formatted(server.port())
                                .getBytes(StandardCharsets.US_ASCII));
                out.flush();
            }
            assertThat(server.get("/api/about").status()).isEqualTo(200);
            // Nobody sends the rest: each is let go, with an answer after which a page sends it again.
            for (Socket socket : sockets) {
                socket.setSoTimeout(20_000);
                String answer = new String(socket.getInputStream().readNBytes(12), StandardCharsets.US_ASCII);
                assertThat(answer).matches("HTTP/1\\.1 (408|503)");
            }
        } finally {
            for (Socket socket : sockets) {
                socket.close();
            }
        }
    }

    @Test
    void aDeviceOfTheNetworkSendsOnlySomeAtATime() throws Exception {
        BodyGuard guard = server.bean(BodyGuard.class);
        CountDownLatch inside = new CountDownLatch(BodyGuard.MOST_AT_A_TIME);
        CountDownLatch over = new CountDownLatch(1);
        List<Thread> senders = new ArrayList<>();
        for (int i = 0; i < BodyGuard.MOST_AT_A_TIME; i++) {
            Thread sender = new Thread(() -> send(guard, "192.0.2.9", (request, response) -> {
                inside.countDown();
                await(over);
            }));
            sender.start();
            senders.add(sender);
        }
        inside.await();
        assertThat(send(guard, "192.0.2.9", (request, response) -> {})).isEqualTo(503);
        assertThat(send(guard, "192.0.2.10", (request, response) -> {})).isEqualTo(200);
        over.countDown();
        for (Thread sender : senders) {
            sender.join();
        }
        assertThat(send(guard, "192.0.2.9", (request, response) -> {})).isEqualTo(200);
    }

    private static int send(BodyGuard guard, String peer, FilterChain chain) {
        MockHttpServletRequest request = new MockHttpServletRequest("POST", "/api/pairing");
        request.setRemoteAddr(peer);
        request.setContent(new byte[10]);
        MockHttpServletResponse response = new MockHttpServletResponse();
        try {
            guard.doFilter(request, response, chain);
        } catch (Exception failed) {
            throw new IllegalStateException(failed);
        }
        return response.getStatus();
    }

    private static void await(CountDownLatch latch) {
        try {
            latch.await();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}

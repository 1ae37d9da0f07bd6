package app.dantro.server.device;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.dantro.server.StartRefused;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class LocalCertificateTest {
    @TempDir
    Path folder;

    @Test
    void staysTheSameThoughTheMachineHasAnotherAddress() throws Exception {
        String first =
                LocalCertificate.in(folder, List.of("127.0.0.1", "localhost")).fingerprint();
        assertThat(first).matches("([0-9A-F]{2}:){31}[0-9A-F]{2}");
        assertThat(LocalCertificate.in(folder, List.of("localhost")).fingerprint())
                .isEqualTo(first);
        LocalCertificate elsewhere = LocalCertificate.in(folder, List.of("localhost", "192.0.2.7"));
        assertThat(elsewhere.fingerprint()).isEqualTo(first);
        assertThat(elsewhere.fits(List.of("localhost"))).isTrue();
        assertThat(elsewhere.fits(List.of("localhost", "192.0.2.7"))).isFalse();
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(folder.resolve("dantro-tls.p12"))))
                .isEqualTo("rw-------");
    }

    @Test
    void aFileThatIsNoCertificateIsNamed() throws Exception {
        Files.writeString(folder.resolve("dantro-tls.p12"), "no certificate");
        assertThatThrownBy(() -> LocalCertificate.in(folder, List.of("localhost")))
                .isInstanceOf(StartRefused.class)
                .hasMessageContaining("dantro-tls.p12")
                .hasMessageContaining("remove it");
    }
}

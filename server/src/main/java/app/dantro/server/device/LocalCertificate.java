package app.dantro.server.device;

import app.dantro.server.StartRefused;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.security.MessageDigest;
import java.security.cert.X509Certificate;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.TreeSet;

/**
 * A certificate made on this machine for its own addresses, by the JDK's keytool. Nobody vouches for it: a device compares
 * its fingerprint with the one shown at the workshop's computer.
 */
public final class LocalCertificate {
    private static final String ALIAS = "dantro";
    /** Keeps the format's demand; what protects the key is the file's mode. */
    private static final String PASSWORD = "dantro-local";

    /** What authenticates as it encrypts; no block chaining. */
    private static final List<String> CIPHERS = List.of(
            "TLS_AES_128_GCM_SHA256",
            "TLS_AES_256_GCM_SHA384",
            "TLS_CHACHA20_POLY1305_SHA256",
            "TLS_ECDHE_ECDSA_WITH_AES_128_GCM_SHA256",
            "TLS_ECDHE_ECDSA_WITH_AES_256_GCM_SHA384",
            "TLS_ECDHE_ECDSA_WITH_CHACHA20_POLY1305_SHA256");

    private final Path file;
    private final X509Certificate certificate;

    private LocalCertificate(Path file, X509Certificate certificate) {
        this.file = file;
        this.certificate = certificate;
    }

    /**
     * The certificate in a folder; a new one only if there is none yet. A machine that has other addresses by now keeps the
     * fingerprint its devices know: their browsers warn of a name that does not fit, as they did of a stranger's signature.
     *
     * @throws StartRefused if it cannot be made or read
     */
    public static LocalCertificate in(Path folder, List<String> addresses) {
        Path file = folder.resolve("dantro-tls.p12");
        List<String> bare = addresses.stream().map(LocalCertificate::bare).toList();
        try {
            if (!Files.exists(file)) {
                KeyMaker.make(file, ALIAS, PASSWORD, bare);
            }
            return new LocalCertificate(file, read(file));
        } catch (IOException | GeneralSecurityException e) {
            throw new StartRefused(
                    "The certificate (%s) cannot be made or read: remove it, or start without --tls.".formatted(file),
                    e);
        }
    }

    /** SHA-256 of the certificate, such as {@code 3F:0A:…}. */
    public String fingerprint() {
        try {
            return HexFormat.ofDelimiter(":")
                    .withUpperCase()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(certificate.getEncoded()));
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException("A certificate that was read can be written", e);
        }
    }

    /** The program's options that switch encryption on. */
    public List<String> options() {
        return List.of(
                "--server.ssl.enabled=true",
                "--server.ssl.key-store=" + file.toUri(),
                "--server.ssl.key-store-type=PKCS12",
                "--server.ssl.key-store-password=" + PASSWORD,
                "--server.ssl.key-alias=" + ALIAS,
                "--server.ssl.enabled-protocols=TLSv1.3,TLSv1.2",
                "--server.ssl.ciphers=" + String.join(",", CIPHERS),
                "--dantro.tls.fingerprint=" + fingerprint());
    }

    /** Whether it was made for all of these addresses. */
    public boolean fits(List<String> addresses) {
        return names().containsAll(
                        addresses.stream().map(LocalCertificate::bare).toList());
    }

    private TreeSet<String> names() {
        try {
            TreeSet<String> names = new TreeSet<>();
            if (certificate.getSubjectAlternativeNames() != null) {
                certificate
                        .getSubjectAlternativeNames()
                        .forEach(n -> names.add(n.get(1).toString().toLowerCase(Locale.ROOT)));
            }
            return names;
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException("A certificate that was read says its names", e);
        }
    }

    /** An address without the brackets that a link needs. */
    private static String bare(String address) {
        return address.replaceAll("[\\[\\]]", "");
    }

    private static X509Certificate read(Path file) throws IOException, GeneralSecurityException {
        KeyStore store = KeyStore.getInstance("PKCS12");
        try (InputStream in = Files.newInputStream(file)) {
            store.load(in, PASSWORD.toCharArray());
        }
        return (X509Certificate) store.getCertificate(ALIAS);
    }
}

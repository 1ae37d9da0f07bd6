package app.dantro.server.device;

import app.dantro.server.StartRefused;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.security.MessageDigest;
import java.security.cert.X509Certificate;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.TreeSet;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;

/**
 * A certificate made on this machine for its own addresses, by the JDK's keytool. Nobody vouches for it: a device compares
 * its fingerprint with the one shown at the workshop's computer.
 */
public final class LocalCertificate {
    private static final String ALIAS = "dantro";
    /** Keeps the format's demand; what protects the key is the file's mode. */
    private static final String PASSWORD = "dantro-local";

    private static final int DAYS = 3650;
    private static final int LONGEST_SECONDS = 60;

    private final Path file;
    private final X509Certificate certificate;

    private LocalCertificate(Path file, X509Certificate certificate) {
        this.file = file;
        this.certificate = certificate;
    }

    /**
     * The certificate in a folder; a new one if there is none yet or the machine has other addresses by now.
     *
     * @throws StartRefused if it cannot be made or read
     */
    public static LocalCertificate in(Path folder, List<String> addresses) {
        Path file = folder.resolve("dantro-tls.p12");
        List<String> bare =
                addresses.stream().map(a -> a.replaceAll("[\\[\\]]", "")).toList();
        try {
            if (Files.exists(file)) {
                LocalCertificate known = new LocalCertificate(file, read(file));
                if (known.names().containsAll(bare)) {
                    return known;
                }
                Files.delete(file);
            }
            make(file, bare);
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
                "--dantro.tls.fingerprint=" + fingerprint());
    }

    private TreeSet<String> names() throws GeneralSecurityException {
        TreeSet<String> names = new TreeSet<>();
        if (certificate.getSubjectAlternativeNames() != null) {
            certificate
                    .getSubjectAlternativeNames()
                    .forEach(n -> names.add(n.get(1).toString().toLowerCase(Locale.ROOT)));
        }
        return names;
    }

    private static X509Certificate read(Path file) throws IOException, GeneralSecurityException {
        KeyStore store = KeyStore.getInstance("PKCS12");
        try (InputStream in = Files.newInputStream(file)) {
            store.load(in, PASSWORD.toCharArray());
        }
        return (X509Certificate) store.getCertificate(ALIAS);
    }

    /** Made in a folder that nobody else may look into: the key is private before it exists. */
    private static void make(Path file, List<String> addresses) throws IOException {
        Path made = Files.createTempDirectory(
                        file.toAbsolutePath().getParent(),
                        "making-key",
                        PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rwx------")))
                .resolve(file.getFileName());
        String names = addresses.stream()
                .map(a -> (a.matches("[0-9.]+|.*:.*") ? "ip:" : "dns:") + a)
                .collect(Collectors.joining(","));
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "keytool").toString(), "-genkeypair"));
        command.addAll(List.of("-alias", ALIAS, "-keyalg", "EC", "-groupname", "secp256r1"));
        command.addAll(List.of("-validity", Integer.toString(DAYS), "-dname", "CN=Dantro", "-ext", "san=" + names));
        command.addAll(List.of("-storetype", "PKCS12", "-storepass", PASSWORD, "-keystore", made.toString()));
        Process keytool = new ProcessBuilder(command).redirectErrorStream(true).start();
        String said = new String(keytool.getInputStream().readAllBytes(), java.nio.charset.StandardCharsets.UTF_8);
        try {
            if (!keytool.waitFor(LONGEST_SECONDS, TimeUnit.SECONDS) || keytool.exitValue() != 0) {
                throw new IOException("keytool refused: " + said.strip());
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IOException("interrupted while the certificate was made", e);
        }
        Files.setPosixFilePermissions(made, PosixFilePermissions.fromString("rw-------"));
        Files.move(made, file, StandardCopyOption.ATOMIC_MOVE);
        Files.delete(made.getParent());
    }
}

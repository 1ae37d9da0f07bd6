package app.dantro.server.device;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;

/** Makes a key with its certificate by the JDK's keytool. */
final class KeyMaker {
    private static final int DAYS = 3650;
    private static final int LONGEST_SECONDS = 60;

    private KeyMaker() {}

    /** Made in a folder that nobody else may look into: the key is private before it exists. */
    static void make(Path file, String alias, String password, List<String> addresses) throws IOException {
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
        command.addAll(List.of("-alias", alias, "-keyalg", "EC", "-groupname", "secp256r1"));
        command.addAll(List.of("-validity", Integer.toString(DAYS), "-dname", "CN=Dantro", "-ext", "san=" + names));
        command.addAll(List.of("-storetype", "PKCS12", "-storepass", password, "-keystore", made.toString()));
        Process keytool = new ProcessBuilder(command).redirectErrorStream(true).start();
        String said = new String(keytool.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
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

package app.dantro.server.device;

import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** From where the program can be reached: this machine only, or the shop's network too, plainly or encrypted. */
@Component
public class Reach {
    private final boolean lan;
    private final Optional<String> fingerprint;

    Reach(@Value("${dantro.lan:false}") boolean lan, @Value("${dantro.tls.fingerprint:}") String fingerprint) {
        this.lan = lan;
        this.fingerprint = Optional.of(fingerprint).filter(f -> !f.isEmpty());
    }

    public boolean lan() {
        return lan;
    }

    /** SHA-256 of the certificate, in hex pairs; empty when the line is not encrypted. */
    public Optional<String> fingerprint() {
        return fingerprint;
    }

    public String scheme() {
        return fingerprint.isPresent() ? "https" : "http";
    }

    /** Host names and addresses that are this machine's own, as they stand in a Host header without the port. */
    public List<String> hostNames() {
        List<String> names = new ArrayList<>(List.of("127.0.0.1", "localhost", "[::1]"));
        if (lan) {
            names.addAll(networkAddresses());
        }
        return names;
    }

    /** Addresses under which another device on the network finds this machine. */
    public List<String> origins(int port) {
        return lan
                ? networkAddresses().stream()
                        .map(a -> "%s://%s:%d".formatted(scheme(), a, port))
                        .toList()
                : List.of();
    }

    /** The machine's addresses on a network, the short ones (IPv4) first. */
    public static List<String> networkAddresses() {
        try {
            return NetworkInterface.networkInterfaces()
                    .flatMap(NetworkInterface::inetAddresses)
                    .filter(a -> !a.isLoopbackAddress() && !a.isLinkLocalAddress())
                    .map(InetAddress::getHostAddress)
                    .map(a -> a.contains(":") ? "[" + a.split("%")[0] + "]" : a)
                    .map(a -> a.toLowerCase(Locale.ROOT))
                    .sorted(Comparator.comparing((String a) -> a.startsWith("["))
                            .thenComparing(a -> a))
                    .toList();
        } catch (SocketException e) {
            throw new IllegalStateException("The machine's network addresses cannot be read", e);
        }
    }
}

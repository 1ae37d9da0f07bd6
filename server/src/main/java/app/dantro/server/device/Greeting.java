package app.dantro.server.device;

import java.io.PrintStream;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** What the program says in the terminal once it is ready: where it is, and how the first device joins. */
@Component
public class Greeting {
    private final Reach reach;
    private final PairingCodes codes;

    Greeting(Reach reach, PairingCodes codes) {
        this.reach = reach;
        this.codes = codes;
    }

    public void print(PrintStream out, int port) {
        out.printf("Dantro is ready at %s://127.0.0.1:%d%n", reach.scheme(), port);
        if (reach.lan()) {
            reach.origins(port).forEach(origin -> out.printf("On the shop's network: %s%n", origin));
            out.printf(
                    "Code for a technician's device: %s (works once, for ten minutes; more in Settings)%n",
                    codes.make(Role.TECHNICIAN, Optional.empty()).digits());
        }
        reach.fingerprint().ifPresent(f -> out.printf("Fingerprint of the certificate (SHA-256): %s%n", f));
    }
}

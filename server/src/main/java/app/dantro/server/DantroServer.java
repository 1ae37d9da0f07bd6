package app.dantro.server;

import app.dantro.core.procedure.OrderOfWork;
import app.dantro.core.reading.Newest;
import app.dantro.server.db.DataFolder;
import app.dantro.server.device.Greeting;
import app.dantro.server.device.LocalCertificate;
import app.dantro.server.device.Reach;
import app.dantro.server.time.SteadyClock;
import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.boot.web.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.annotation.Bean;
import org.springframework.context.support.GenericApplicationContext;

/** The program. Options: {@code --dantro.data=DIR --server.port=N --dantro.demo=true --dantro.lan=true --dantro.tls=true}. */
@SpringBootApplication(proxyBeanMethods = false)
public class DantroServer {
    private static final int DEFAULT_PORT = 8420;
    private static final int REFUSED = 2;

    public static void main(String[] args) {
        try {
            ConfigurableApplicationContext context = start(args);
            if (option(args, "dantro.generate.vehicles", "").isEmpty()) {
                context.getBean(Greeting.class).print(System.out, port(context));
            } else {
                // What was asked for is on record once everything has started.
                context.close();
                System.out.println("Generated. Look at it with ./dantro start --data and the same folder.");
            }
        } catch (StartRefused refused) {
            System.err.println(refused.getMessage());
            System.exit(REFUSED);
        }
    }

    /**
     * Starts the program after checking its data folder and port, without touching either on refusal.
     *
     * @throws StartRefused with one sentence for the person at the keyboard
     */
    public static ConfigurableApplicationContext start(String... args) {
        return start(Clock.systemUTC(), args);
    }

    /** The same on another clock. */
    public static ConfigurableApplicationContext start(Clock clock, String... args) {
        checkPort(Integer.parseInt(option(args, "server.port", Integer.toString(DEFAULT_PORT))));
        Path home = Path.of(System.getProperty("user.home"), ".dantro");
        DataFolder folder = DataFolder.open(
                Path.of(option(args, "dantro.data", home.toString())),
                Boolean.parseBoolean(option(args, "dantro.accept-damage", "false")));
        try {
            return new SpringApplicationBuilder(DantroServer.class)
                    .initializers(context -> {
                        GenericApplicationContext beans = (GenericApplicationContext) context;
                        beans.registerBean(DataFolder.class, () -> folder);
                        beans.registerBean(Clock.class, () -> clock);
                        beans.registerBean(SteadyClock.class, () -> SteadyClock.beside(clock));
                    })
                    .run(reached(args, folder));
        } catch (RuntimeException failed) {
            folder.close();
            throw failed;
        }
    }

    /** The options, with what opening to the network and encryption need. */
    private static String[] reached(String[] args, DataFolder folder) {
        List<String> all = new ArrayList<>(List.of(args));
        all.add(0, "--logging.file.name=" + folder.path().resolve("logs").resolve("dantro.log"));
        boolean lan = Boolean.parseBoolean(option(args, "dantro.lan", "false"));
        if (lan) {
            all.add("--server.address=0.0.0.0");
        }
        if (Boolean.parseBoolean(option(args, "dantro.tls", "false"))) {
            List<String> names = new ArrayList<>(List.of("127.0.0.1", "localhost"));
            names.addAll(lan ? Reach.networkAddresses() : List.of());
            LocalCertificate certificate = LocalCertificate.in(folder.path(), names);
            all.addAll(certificate.options());
            if (!certificate.fits(names)) {
                System.out.println(
                        "This machine has other addresses than its certificate was made for; devices know it by its fingerprint, which stays. For a new one remove dantro-tls.p12 from the data folder.");
            }
        }
        return all.toArray(String[]::new);
    }

    public static int port(ConfigurableApplicationContext context) {
        return ((WebServerApplicationContext) context).getWebServer().getPort();
    }

    private static void checkPort(int port) {
        try (ServerSocket socket = new ServerSocket(port, 1, InetAddress.getLoopbackAddress())) {
            socket.setReuseAddress(true);
        } catch (IOException | IllegalArgumentException busy) {
            throw new StartRefused(
                    "Port %d is in use or not allowed: stop the other program, or choose another port with --port %d."
                            .formatted(port, port < 65000 ? port + 1 : DEFAULT_PORT),
                    busy);
        }
    }

    private static String option(String[] args, String name, String otherwise) {
        String prefix = "--" + name + "=";
        return Arrays.stream(args)
                .filter(a -> a.startsWith(prefix))
                .map(a -> a.substring(prefix.length()))
                .reduce(Newest::of)
                .orElse(otherwise);
    }

    @Bean
    OrderOfWork orderOfWork() {
        return new OrderOfWork();
    }
}

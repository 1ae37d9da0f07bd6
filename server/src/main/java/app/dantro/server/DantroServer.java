package app.dantro.server;

import app.dantro.core.planning.HalfSplitPlanner;
import app.dantro.core.procedure.OrderOfWork;
import app.dantro.core.procedure.StartingProcedure;
import app.dantro.server.db.DataFolder;
import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.file.Path;
import java.time.Clock;
import java.util.Arrays;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.boot.web.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.annotation.Bean;
import org.springframework.context.support.GenericApplicationContext;

/** The program. Options: {@code --dantro.data=DIR --server.port=N --dantro.demo=true}. */
@SpringBootApplication(proxyBeanMethods = false)
public class DantroServer {
    private static final int DEFAULT_PORT = 8420;
    private static final int REFUSED = 2;

    public static void main(String[] args) {
        try {
            ConfigurableApplicationContext context = start(args);
            System.out.printf("Dantro is ready at http://127.0.0.1:%d%n", port(context));
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
        checkPort(Integer.parseInt(option(args, "server.port", Integer.toString(DEFAULT_PORT))));
        Path home = Path.of(System.getProperty("user.home"), ".dantro");
        DataFolder folder = DataFolder.open(Path.of(option(args, "dantro.data", home.toString())));
        try {
            return new SpringApplicationBuilder(DantroServer.class)
                    .initializers(context ->
                            ((GenericApplicationContext) context).registerBean(DataFolder.class, () -> folder))
                    .run(args);
        } catch (RuntimeException failed) {
            folder.close();
            throw failed;
        }
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
                .reduce((first, second) -> second)
                .orElse(otherwise);
    }

    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }

    @Bean
    OrderOfWork orderOfWork() {
        return new OrderOfWork(new StartingProcedure(new HalfSplitPlanner()));
    }
}

package app.dantro.acceptance.bench.chaos;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The whole program in a process of its own. */
final class Killable implements AutoCloseable {
    private static final Pattern READY = Pattern.compile("ready at http://127\\.0\\.0\\.1:(\\d+)");

    private final Process process;
    private int port;

    private Killable(Process process) {
        this.process = process;
    }

    static Killable start(Path folder, String... options) throws IOException {
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-Xmx700m",
                "-Djava.io.tmpdir=" + System.getProperty("java.io.tmpdir"),
                "-cp",
                System.getProperty("java.class.path"),
                "app.dantro.server.DantroServer",
                "--dantro.data=" + folder,
                "--server.port=0"));
        command.addAll(List.of(options));
        return new Killable(
                new ProcessBuilder(command).redirectErrorStream(true).start());
    }

    /**
     * Runs a command of the program to its end.
     *
     * @throws IOException with what it said, if it fails
     */
    static void command(String main, String... arguments) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-cp",
                System.getProperty("java.class.path"),
                main));
        command.addAll(List.of(arguments));
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        if (process.waitFor() != 0) {
            throw new IOException(said);
        }
    }

    /**
     * Waits until it answers.
     *
     * @throws IOException with what it said, if it ends before that
     */
    Killable ready() throws IOException {
        BufferedReader said =
                new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8));
        StringBuilder all = new StringBuilder();
        for (String line = said.readLine(); line != null; line = said.readLine()) {
            all.append(line).append('\n');
            Matcher ready = READY.matcher(line);
            if (ready.find()) {
                port = Integer.parseInt(ready.group(1));
                Thread listening = new Thread(() -> said.lines().forEach(l -> {}), "listening");
                listening.setDaemon(true);
                listening.start();
                return this;
            }
        }
        throw new IOException("It ended before it was ready: " + all);
    }

    Client client() {
        return new Client(port);
    }

    /** Processor time it took so far. */
    Duration processorTime() {
        return process.info().totalCpuDuration().orElse(Duration.ZERO);
    }

    /** What the heap holds after two full collections, in bytes. */
    long heap() throws IOException, InterruptedException {
        for (int i = 0; i < 2; i++) {
            tool("GC.run");
        }
        Matcher used = Pattern.compile("used (\\d+)K").matcher(tool("GC.heap_info"));
        if (!used.find()) {
            throw new IOException("The heap's size cannot be read.");
        }
        return Long.parseLong(used.group(1)) << 10;
    }

    private String tool(String command) throws IOException, InterruptedException {
        Process jcmd = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "jcmd").toString(),
                        Long.toString(process.pid()),
                        command)
                .redirectErrorStream(true)
                .start();
        String said = new String(jcmd.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        jcmd.waitFor();
        return said;
    }

    /** The way no program can see coming. */
    void kill() throws InterruptedException {
        process.destroyForcibly().waitFor();
    }

    @Override
    public void close() {
        process.destroy();
        try {
            if (!process.waitFor(20, TimeUnit.SECONDS)) {
                process.destroyForcibly();
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }
}

package app.dantro.acceptance.bench;

import app.dantro.acceptance.bench.Bench.Figure;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.jar.JarEntry;
import java.util.jar.JarOutputStream;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Start of the extracted program against an empty application on the same libraries, in turn, each with its archive. */
final class StartTimes {
    private static final int RUNS = 7;
    private static final double BUDGET_RATIO = 1.6;

    private final Path app;
    private final Path scratch;

    StartTimes(Path root) throws IOException {
        this.app = root.resolve("build/app").toAbsolutePath().normalize();
        this.scratch = Files.createTempDirectory("dantro-bench");
    }

    List<Figure> run() throws IOException, InterruptedException {
        List<String> dantro = List.of("-jar", app.resolve("dantro.jar").toString());
        List<String> empty = List.of("-cp", emptyClassPath(), EmptyApplication.class.getName());
        record(empty, scratch.resolve("empty.jsa"));
        List<Double> dantroSeconds = new ArrayList<>();
        List<Double> emptySeconds = new ArrayList<>();
        List<Double> ratios = new ArrayList<>();
        for (int i = 0; i <= RUNS; i++) {
            double ours = seconds(dantro, app.resolve("dantro.jsa"), "--dantro.data=" + scratch.resolve("data" + i));
            double theirs = seconds(empty, scratch.resolve("empty.jsa"), datasource());
            if (i > 0) {
                dantroSeconds.add(ours);
                emptySeconds.add(theirs);
                ratios.add(ours / theirs);
            }
        }
        return List.of(
                Figure.of("start, Dantro", "s", dantroSeconds, Double.NaN),
                Figure.of("start, empty application", "s", emptySeconds, Double.NaN),
                Figure.of("start, ratio", "x", ratios, BUDGET_RATIO));
    }

    private String datasource() {
        return "--spring.datasource.url=jdbc:sqlite:" + scratch.resolve("empty.db");
    }

    /** A class archive takes jars only, so the one class goes into a jar of its own. */
    private String emptyClassPath() throws IOException {
        Path jar = scratch.resolve("empty.jar");
        String entry = EmptyApplication.class.getName().replace('.', '/') + ".class";
        try (JarOutputStream out = new JarOutputStream(Files.newOutputStream(jar));
                InputStream in = EmptyApplication.class.getClassLoader().getResourceAsStream(entry)) {
            out.putNextEntry(new JarEntry(entry));
            in.transferTo(out);
        }
        try (Stream<Path> libraries = Files.list(app.resolve("lib"))) {
            return Stream.concat(
                            Stream.of(jar),
                            libraries
                                    .filter(l -> !l.getFileName().toString().startsWith("dantro-"))
                                    .sorted())
                    .map(Path::toString)
                    .collect(Collectors.joining(":"));
        }
    }

    private void record(List<String> command, Path archive) throws IOException, InterruptedException {
        List<String> all = new ArrayList<>(
                List.of(java(), "-XX:ArchiveClassesAtExit=" + archive, "-Dspring.context.exit=onRefresh"));
        all.addAll(command);
        all.add("--server.port=0");
        all.add(datasource());
        new ProcessBuilder(all)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start()
                .waitFor();
        if (!Files.exists(archive)) {
            throw new IllegalStateException("No class archive was made for the empty application.");
        }
    }

    private static double seconds(List<String> command, Path archive, String option)
            throws IOException, InterruptedException {
        List<String> all = new ArrayList<>(List.of(java(), "-XX:SharedArchiveFile=" + archive));
        all.addAll(command);
        all.add("--server.port=0");
        all.add(option);
        long from = System.nanoTime();
        Process process = new ProcessBuilder(all).redirectErrorStream(true).start();
        StringBuilder said = new StringBuilder();
        try (BufferedReader out = new BufferedReader(new InputStreamReader(process.getInputStream()))) {
            for (String line = out.readLine(); line != null; line = out.readLine()) {
                said.append(line).append('\n');
                if (line.contains("ready at")) {
                    double seconds = (System.nanoTime() - from) / 1e9;
                    process.destroyForcibly().waitFor();
                    return seconds;
                }
            }
        }
        throw new IllegalStateException("The program ended before it was ready: " + said);
    }

    private static String java() {
        return Path.of(System.getProperty("java.home"), "bin", "java").toString();
    }
}

package app.dantro.acceptance.bench.everyday;

import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.zip.GZIPInputStream;

/** Reads a fleet: one vehicle a line, gzipped if its name says so. */
final class Fleet {
    private static final String OWN = "/fleet-a.jsonl.gz";

    private Fleet() {}

    /** The fleet of a file, or the one that lies here. */
    static List<FleetVehicle> read(Optional<Path> file) throws IOException {
        if (file.isEmpty()) {
            return lines(new GZIPInputStream(Fleet.class.getResourceAsStream(OWN)));
        }
        InputStream in = Files.newInputStream(file.get());
        return lines(file.get().toString().endsWith(".gz") ? new GZIPInputStream(in) : in);
    }

    private static List<FleetVehicle> lines(InputStream in) throws IOException {
        ObjectMapper json = new ObjectMapper();
        List<FleetVehicle> all = new ArrayList<>();
        try (BufferedReader reader = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
            for (String line = reader.readLine(); line != null; line = reader.readLine()) {
                all.add(json.readValue(line, FleetVehicle.class));
            }
        }
        return all;
    }
}

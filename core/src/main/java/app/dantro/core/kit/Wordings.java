package app.dantro.core.kit;

import app.dantro.core.circuit.Access;
import app.dantro.core.circuit.PointId;
import app.dantro.core.circuit.ProbePoint;
import java.util.Arrays;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;

/** The words for the points and parts of ready-made circuits, one line each. */
final class Wordings {
    private static final Map<String, String[]> POINT_LINES = lines(WordingTable.POINTS);
    private static final Map<String, String[]> PART_LINES = lines(WordingTable.PARTS);

    private Wordings() {}

    static ProbePoint point(PointId id) {
        String[] line = line(POINT_LINES, id.value());
        return new ProbePoint(id, line[1], line[2], line[3], Access.valueOf(line[4]));
    }

    static String part(String id) {
        return line(PART_LINES, id)[1];
    }

    private static String[] line(Map<String, String[]> lines, String id) {
        String[] line = lines.get(id);
        if (line == null) {
            throw new IllegalStateException("There are no words for (%s). Add a line.".formatted(id));
        }
        return line;
    }

    private static Map<String, String[]> lines(String table) {
        return Arrays.stream(table.split("\n"))
                .filter(l -> !l.isBlank())
                .map(l -> l.split(" \\| "))
                .collect(Collectors.toUnmodifiableMap(l -> l[0].strip(), Function.identity()));
    }
}

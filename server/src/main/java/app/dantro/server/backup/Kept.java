package app.dantro.server.backup;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.time.temporal.WeekFields;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** The backups of a folder, by the time in their names, and which of them stay: of 7 days, 5 weeks and 12 months the newest. */
record Kept(Path folder) {
    private static final DateTimeFormatter NAME = DateTimeFormatter.ofPattern("'dantro-'yyyy-MM-dd-HHmmss'.db'");
    /** What one that was killed midway leaves: its beginning, or a seal without the backup it was made for. */
    private static final Pattern CUT_OFF =
            Pattern.compile("(dantro-\\d{4}-\\d{2}-\\d{2}-\\d{6}\\.db)\\.(making.*|seal)");

    private static final int DAYS = 7;
    private static final int WEEKS = 5;
    private static final int MONTHS = 12;

    /** One of them, and when it was made. */
    record Dated(Path file, LocalDateTime at) {}

    /** Where one of this moment would lie. */
    Path at(LocalDateTime now) {
        return folder.resolve(NAME.format(now));
    }

    /** The newest first; what else lies in the folder is nobody's business here. */
    List<Dated> all() throws IOException {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder)) {
            return files.flatMap(f -> dated(f).stream())
                    .sorted(Comparator.comparing(Dated::at).reversed())
                    .toList();
        }
    }

    /** What backups that were killed midway left here. */
    List<Path> cutOff() throws IOException {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(this::cutOff).toList();
        }
    }

    private boolean cutOff(Path file) {
        Matcher name = CUT_OFF.matcher(file.getFileName().toString());
        return name.matches() && !(name.group(2).equals("seal") && Files.exists(folder.resolve(name.group(1))));
    }

    private static Optional<Dated> dated(Path file) {
        try {
            return Optional.of(
                    new Dated(file, LocalDateTime.parse(file.getFileName().toString(), NAME)));
        } catch (DateTimeParseException another) {
            return Optional.empty();
        }
    }

    /** Those that are not among the ones that stay. The newest always stays, and what is dated after now. */
    List<Dated> spare(LocalDateTime now) throws IOException {
        List<Dated> past = all().stream().filter(d -> !d.at().isAfter(now)).toList();
        Set<Dated> stay = new HashSet<>();
        stay.addAll(newestOf(past, d -> d.at().toLocalDate(), DAYS));
        stay.addAll(newestOf(
                past,
                d -> List.of(
                        d.at().get(WeekFields.ISO.weekBasedYear()), d.at().get(WeekFields.ISO.weekOfWeekBasedYear())),
                WEEKS));
        stay.addAll(newestOf(past, d -> List.of(d.at().getYear(), d.at().getMonthValue()), MONTHS));
        return past.stream().filter(d -> !stay.contains(d)).toList();
    }

    private static List<Dated> newestOf(List<Dated> newestFirst, Function<Dated, Object> period, int most) {
        Set<Object> seen = new HashSet<>();
        List<Dated> newest = new ArrayList<>();
        for (Dated backup : newestFirst) {
            if (seen.size() < most && seen.add(period.apply(backup))) {
                newest.add(backup);
            }
        }
        return newest;
    }
}

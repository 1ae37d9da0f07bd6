package app.dantro.server.log;

import app.dantro.server.store.KnownVehicle;
import app.dantro.server.store.StoredCase;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What a case is found by, and how a search asks for it. Words are found by how they begin; a plate by any piece of it, since
 * every end of it is a word; a day by its year, its month or itself.
 */
final class SearchedWords {
    private static final Pattern NOT_OF_A_PLATE = Pattern.compile("[^\\p{L}\\p{N}]");
    private static final Pattern BETWEEN_WORDS = Pattern.compile("[^\\p{L}\\p{N}-]+");
    private static final Pattern MONTH_OR_DAY = Pattern.compile("(\\d{4})-(\\d{1,2})(?:-(\\d{1,2}))?");
    private static final int LONGEST_PLATE = 16;
    private static final int MOST_ASKED = 8;

    private SearchedWords() {}

    static String of(StoredCase file, KnownVehicle.Plain vehicle, String stage, String finding) {
        List<String> words = new ArrayList<>(
                List.of(vehicle.name(), file.record().vehicle(), file.record().complaint(), stage, finding));
        words.add(file.circuit().title());
        words.addAll(vehicle.details().values());
        words.addAll(ends(vehicle.plate()));
        file.repairs().stream()
                .filter(r -> !file.isStruck(r.repair().id()))
                .forEach(r -> words.addAll(List.of(
                        file.nameOf(r.repair().part()),
                        r.repair().action().words(),
                        r.repair().note())));
        file.tests().forEach(t -> words.add(t.test().note()));
        file.statements().stream()
                .filter(s -> !file.isStruck(s.statement().id()))
                .forEach(s -> words.addAll(List.of(
                        s.statement().note(),
                        s.statement().topic().words(s.statement().value()))));
        words.addAll(people(file));
        words.addAll(days(file));
        return String.join(" ", words);
    }

    /** Who worked on a case, in the order in which they came to it. */
    static Set<String> people(StoredCase file) {
        return Stream.of(
                        Stream.of(file.record().openedBy()),
                        file.readings().stream().map(r -> r.takenBy()),
                        file.repairs().stream().map(r -> r.doneBy()),
                        file.tests().stream().map(t -> t.doneBy()),
                        file.statements().stream().map(s -> s.saidBy()))
                .flatMap(who -> who)
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    private static List<String> days(StoredCase file) {
        return Stream.of(file.record().openedAtMs(), LastTouched.of(file))
                .map(ms ->
                        Instant.ofEpochMilli(ms).atZone(ZoneId.systemDefault()).toLocalDate())
                .distinct()
                .flatMap(day -> Stream.of(Integer.toString(day.getYear()), day(day)))
                .toList();
    }

    private static String day(LocalDate day) {
        return "d%04d%02d%02d".formatted(day.getYear(), day.getMonthValue(), day.getDayOfMonth());
    }

    private static List<String> ends(String plate) {
        String bare = bare(plate);
        return Stream.iterate(0, from -> from < bare.length() && from < LONGEST_PLATE, from -> from + 1)
                .map(bare::substring)
                .toList();
    }

    private static String bare(String plate) {
        return NOT_OF_A_PLATE.matcher(plate).replaceAll("").toLowerCase(Locale.ROOT);
    }

    /**
     * A search in the words of the index: every word must be there, or all of them together as one plate. Empty if there is
     * nothing to search for.
     */
    static String query(String asked) {
        List<String> terms = BETWEEN_WORDS
                .splitAsStream(asked.strip())
                .filter(word -> !bare(word).isEmpty())
                .limit(MOST_ASKED)
                .map(SearchedWords::term)
                .toList();
        if (terms.isEmpty()) {
            return "";
        }
        String each = String.join(" AND ", terms);
        return terms.size() == 1 ? each : "(%s) OR %s".formatted(each, begins(bare(asked)));
    }

    private static String term(String word) {
        var day = MONTH_OR_DAY.matcher(word);
        if (day.matches()) {
            String month = "d%s%02d".formatted(day.group(1), Integer.parseInt(day.group(2)));
            return begins(day.group(3) == null ? month : "%s%02d".formatted(month, Integer.parseInt(day.group(3))));
        }
        List<String> pieces = NOT_OF_A_PLATE
                .splitAsStream(word)
                .filter(piece -> !piece.isEmpty())
                .map(SearchedWords::begins)
                .toList();
        String each = String.join(" AND ", pieces);
        return pieces.size() == 1 ? each : "((%s) OR %s)".formatted(each, begins(bare(word)));
    }

    private static String begins(String word) {
        return "\"%s\"*".formatted(word);
    }
}

package app.dantro.server.log;

import app.dantro.core.procedure.Stage;
import app.dantro.server.store.FiguresStore.Counted;
import java.time.Instant;
import java.time.YearMonth;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.ToIntFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What the cases of a period add up to.
 *
 * @param cases how many were opened
 * @param ended how many of them are over
 * @param verified of those whose repair was tried, how many were verified
 * @param tried how many had a repair, verified or not
 * @param readings to a verdict: the middle case of those that are over
 * @param cranks to a verdict: likewise
 * @param returned of the ended ones, how many came with the same concern within 90 days
 * @param found kinds of parts whose repair was verified, the most frequent first
 * @param saved devices that came in as suspect and were cleared, the most frequent first
 * @param months the oldest first
 */
record ShopFigures(
        int cases,
        int ended,
        int verified,
        int tried,
        double readings,
        double cranks,
        int returned,
        List<CountView> found,
        List<CountView> saved,
        List<MonthView> months) {
    private static final Set<Stage> NOT_VERIFIED = EnumSet.of(Stage.CLOSED);

    /** How often. */
    record CountView(String name, int count) {}

    /** The cases opened in one month. @param month such as 2026-03 */
    record MonthView(String month, int cases, int ended, int verified, double readings, double cranks) {}

    static ShopFigures of(List<Counted> all) {
        List<Counted> ended = all.stream().filter(c -> stage(c).closed()).toList();
        int verified = (int) ended.stream().filter(ShopFigures::verified).count();
        int unverified = (int) ended.stream()
                .filter(c -> c.repaired() && NOT_VERIFIED.contains(stage(c)))
                .count();
        return new ShopFigures(
                all.size(),
                ended.size(),
                verified,
                verified + unverified,
                middle(ended, Counted::readings),
                middle(ended, Counted::cranks),
                (int) ended.stream().filter(Counted::cameBack).count(),
                counts(ended.stream().map(Counted::found)),
                counts(ended.stream().flatMap(c -> Stream.of(c.saved().split(", ")))),
                months(all));
    }

    private static Stage stage(Counted one) {
        return Stage.valueOf(one.stage());
    }

    private static boolean verified(Counted one) {
        return stage(one) == Stage.VERIFIED;
    }

    private static List<MonthView> months(List<Counted> all) {
        Map<YearMonth, List<Counted>> months = all.stream()
                .collect(Collectors.groupingBy(
                        c -> YearMonth.from(Instant.ofEpochMilli(c.openedAtMs()).atZone(ZoneId.systemDefault())),
                        TreeMap::new,
                        Collectors.toList()));
        List<MonthView> views = new ArrayList<>();
        months.forEach((month, cases) -> {
            List<Counted> ended = cases.stream().filter(c -> stage(c).closed()).toList();
            views.add(new MonthView(
                    month.toString(),
                    cases.size(),
                    ended.size(),
                    (int) ended.stream().filter(ShopFigures::verified).count(),
                    middle(ended, Counted::readings),
                    middle(ended, Counted::cranks)));
        });
        return views;
    }

    private static double middle(List<Counted> cases, ToIntFunction<Counted> what) {
        int[] sorted = cases.stream().mapToInt(what).sorted().toArray();
        int half = sorted.length / 2;
        if (sorted.length == 0) {
            return 0;
        }
        return sorted.length % 2 == 1 ? sorted[half] : (sorted[half - 1] + sorted[half]) / 2.0;
    }

    private static List<CountView> counts(Stream<String> names) {
        Map<String, Integer> counts = new LinkedHashMap<>();
        names.filter(n -> !n.isEmpty()).forEach(n -> counts.merge(n, 1, Integer::sum));
        return counts.entrySet().stream()
                .map(e -> new CountView(e.getKey(), e.getValue()))
                .sorted(Comparator.comparingInt((CountView c) -> -c.count()).thenComparing(CountView::name))
                .toList();
    }
}

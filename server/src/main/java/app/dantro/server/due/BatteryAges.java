package app.dantro.server.due;

import app.dantro.server.store.DueStore;
import app.dantro.server.store.DueStore.ReplacedBattery;
import java.time.Instant;
import java.time.YearMonth;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;

/** Since when the batteries of vehicles are in: as somebody wrote of the vehicle, or as a job replaced them after that. */
final class BatteryAges {
    private static final String ONLY_BATTERY = "battery";

    private BatteryAges() {}

    static Map<UUID, YearMonth> fitted(DueStore due) {
        Map<UUID, YearMonth> fitted = new LinkedHashMap<>();
        due.batteries().forEach(b -> fitted.put(b.vehicle(), month(b.fitted())));
        due.replacedBatteries().stream()
                .collect(Collectors.groupingBy(ReplacedBattery::vehicle))
                .forEach((vehicle, replaced) -> allOf(replaced)
                        .ifPresent(month -> fitted.merge(vehicle, month, (a, b) -> a.isAfter(b) ? a : b)));
        return fitted;
    }

    /** Since when no battery of a vehicle is older; of two that are beside each other both have to be new. */
    private static Optional<YearMonth> allOf(List<ReplacedBattery> replaced) {
        boolean pair = replaced.stream().noneMatch(r -> r.part().equals(ONLY_BATTERY));
        return pair && replaced.size() < 2
                ? Optional.empty()
                : replaced.stream()
                        .filter(r -> pair || r.part().equals(ONLY_BATTERY))
                        .map(r -> YearMonth.from(Instant.ofEpochMilli(r.atMs()).atZone(ZoneId.systemDefault())))
                        .min(Comparator.naturalOrder());
    }

    private static YearMonth month(String fitted) {
        return fitted.length() > 4 ? YearMonth.parse(fitted) : YearMonth.of(Integer.parseInt(fitted), 1);
    }
}

package app.dantro.server.log;

import app.dantro.server.store.LoggedCase;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The log as a table for a spreadsheet (RFC 4180). */
final class LogTable {
    private static final String FORMULAS = "=+-@\t\r";

    private LogTable() {}

    static String of(List<LoggedCase> cases) {
        return Stream.concat(
                        Stream.of(
                                "opened,vehicle,plate,complaint,about,state,finding,repairs,people,set aside,simulated,case"),
                        cases.stream().map(LogTable::line))
                .collect(Collectors.joining("\r\n", "\uFEFF", "\r\n"));
    }

    private static String line(LoggedCase one) {
        LoggedCaseView view = LoggedCaseView.of(one);
        return Stream.of(
                        Instant.ofEpochMilli(view.openedAtMs())
                                .atZone(ZoneId.systemDefault())
                                .toLocalDate()
                                .toString(),
                        view.vehicle(),
                        view.plate(),
                        view.complaint(),
                        view.concern().name().toLowerCase(Locale.ROOT),
                        view.stageWords(),
                        view.finding(),
                        view.repairs(),
                        view.people(),
                        view.setAside() ? "yes" : "",
                        view.simulated() ? "yes" : "",
                        view.id().toString())
                .map(LogTable::quoted)
                .collect(Collectors.joining(","));
    }

    /** What begins like a formula is shown as it was written, not worked out. */
    private static String quoted(String value) {
        String safe = !value.isEmpty() && FORMULAS.indexOf(value.charAt(0)) >= 0 ? "'" + value : value;
        return "\"%s\"".formatted(safe.replace("\"", "\"\""));
    }
}

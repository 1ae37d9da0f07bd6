package app.dantro.server.exchange;

import app.dantro.core.circuit.Condition;
import app.dantro.core.network.SpiceNetlist;
import app.dantro.core.procedure.OrderOfWork;
import app.dantro.server.format.BadFile;
import app.dantro.server.format.CaseDocument;
import app.dantro.server.format.CaseFormat;
import app.dantro.server.format.DiagnosisFormat;
import app.dantro.server.format.PredictionFormat;
import app.dantro.server.format.Refusal;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;

/**
 * The batch door to the core: {@code predict FILE...}, {@code diagnose FILE...} and {@code netlist FILE CONDITION}, results
 * on standard output, errors on standard error. Starts nothing else.
 */
public final class CommandLine {
    private static final int BAD_INPUT = 2;
    private static final OrderOfWork ORDER = new OrderOfWork();
    private static final long MOST_BYTES = 16L << 20;

    private CommandLine() {}

    public static void main(String[] args) {
        System.exit(run(
                args,
                new PrintStream(System.out, true, StandardCharsets.UTF_8),
                new PrintStream(System.err, true, StandardCharsets.UTF_8)));
    }

    /** @return 0, or 2 for bad input */
    static int run(String[] args, PrintStream out, PrintStream err) {
        try {
            String command = args.length > 0 ? args[0] : "";
            boolean batch = args.length > 2 && (command.equals("predict") || command.equals("diagnose"));
            if (batch) {
                return each(command, Arrays.asList(args).subList(1, args.length), out, err);
            }
            out.print(answer(command, args));
            return 0;
        } catch (BadFile e) {
            err.println(e.line());
            return BAD_INPUT;
        }
    }

    /** One document a line, in the order of the files; a file that cannot be taken has a line too, and holds up no other. */
    private static int each(String command, List<String> files, PrintStream out, PrintStream err) {
        int code = 0;
        for (String file : files) {
            try {
                CaseDocument document = CaseFormat.parse(text(file));
                out.println(
                        command.equals("predict")
                                ? PredictionFormat.line(document.circuit(), document.state())
                                : DiagnosisFormat.line(document, ORDER));
            } catch (BadFile e) {
                out.println(Refusal.line(file, e));
                err.println(file + ": " + e.line());
                code = BAD_INPUT;
            }
        }
        return code;
    }

    private static String answer(String command, String[] args) {
        if (command.equals("predict") && args.length == 2) {
            CaseDocument document = CaseFormat.parse(text(args[1]));
            return PredictionFormat.of(document.circuit(), document.state());
        }
        if (command.equals("diagnose") && args.length == 2) {
            return DiagnosisFormat.of(CaseFormat.parse(text(args[1])), ORDER);
        }
        if (command.equals("netlist") && args.length == 3) {
            Condition condition = condition(args[2]);
            CaseDocument document = CaseFormat.parse(text(args[1]));
            return SpiceNetlist.of(document.circuit(), condition, document.state());
        }
        throw new BadFile(
                "command line",
                "Use: predict CASE.json..., diagnose CASE.json..., or: netlist CASE.json CONDITION (%s)."
                        .formatted(conditions()));
    }

    private static Condition condition(String key) {
        return Condition.modelled().stream()
                .filter(c -> c.key().equals(key))
                .findFirst()
                .orElseThrow(() -> new BadFile(
                        "command line", "There is no condition (%s). There are: %s.".formatted(key, conditions())));
    }

    private static String conditions() {
        return Condition.modelled().stream().map(Condition::key).collect(Collectors.joining(", "));
    }

    private static String text(String file) {
        Path path = Path.of(file);
        try {
            if (Files.size(path) > MOST_BYTES) {
                throw new BadFile(file, "The file is larger than %s MiB.".formatted(MOST_BYTES >> 20));
            }
            return Files.readString(path);
        } catch (NoSuchFileException e) {
            throw new BadFile(file, "There is no such file.");
        } catch (CharacterCodingException e) {
            throw new BadFile(file, "The file is not UTF-8 text.");
        } catch (IOException e) {
            throw new BadFile(file, "The file cannot be read: %s.".formatted(e.getMessage()));
        }
    }
}

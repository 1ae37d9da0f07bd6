package app.dantro.server.format;

/** What stands in the place of an answer when a file of several cannot be taken. */
public final class Refusal {
    private Refusal() {}

    /** One line of JSON with the file and what was wrong with it. */
    public static String line(String file, BadFile problem) {
        return JsonFields.MAPPER
                .createObjectNode()
                .put("format", "dantro-refusal")
                .put("version", 1)
                .put("file", file)
                .put("path", problem.path())
                .put("says", problem.getMessage())
                .toString();
    }
}

package app.dantro.server.seal;

import java.util.Collections;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;

/**
 * The ends of all chains at one moment.
 *
 * @param schema the schema whose columns the rows have
 */
public record Seals(int schema, SortedMap<String, Head> heads) {
    public Seals {
        heads = Collections.unmodifiableSortedMap(new TreeMap<>(heads));
    }

    /** Of a database in which nothing is. */
    public static Seals none(int schema) {
        return new Seals(schema, new TreeMap<>());
    }

    Head of(String table) {
        return heads.getOrDefault(table, Head.NONE);
    }

    Seals with(String table, Head head) {
        SortedMap<String, Head> more = new TreeMap<>(heads);
        more.put(table, head);
        return new Seals(schema, more);
    }

    /** Rows in all tables together. */
    public long rows() {
        return heads.values().stream().mapToLong(Head::count).sum();
    }

    /** As the seal's file has them, a line each. */
    String lines() {
        StringBuilder lines = new StringBuilder("schema %d\n".formatted(schema));
        for (Map.Entry<String, Head> e : heads.entrySet()) {
            Head head = e.getValue();
            lines.append("%s %d %d %s\n".formatted(e.getKey(), head.count(), head.lastRow(), head.digest()));
        }
        return lines.toString();
    }

    /** @throws IllegalArgumentException if these are not lines of a seal */
    static Seals parse(String lines) {
        SortedMap<String, Head> heads = new TreeMap<>();
        int schema = 0;
        for (String line : lines.split("\n")) {
            String[] words = line.split(" ");
            if (words.length == 2 && words[0].equals("schema")) {
                schema = Integer.parseInt(words[1]);
            } else if (words.length == 4) {
                heads.put(words[0], new Head(Long.parseLong(words[1]), Long.parseLong(words[2]), words[3]));
            } else {
                throw new IllegalArgumentException("This is no line of a seal (%s).".formatted(line));
            }
        }
        return new Seals(schema, heads);
    }
}

package app.dantro.core.charging;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.Condition;
import app.dantro.core.circuit.PointId;
import app.dantro.core.quantity.Reason;
import app.dantro.core.record.CaseRecord;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A side walked with one lead left on a post and the other going out along it, running: what each step loses is the
 * difference of two readings along one way. Branches beside each other share the current, so between them nothing is
 * subtracted (docs/job.md, test 8, ground tree).
 *
 * @param post the post that one lead stays on
 * @param conditions in which something was read from it, in their order
 */
public record PostWalk(PointId post, List<Condition> conditions, List<Stop> stops) {
    public PostWalk {
        conditions = List.copyOf(conditions);
        stops = List.copyOf(stops);
    }

    /**
     * Where the other lead stood.
     *
     * @param depth how many parts lie between it and the post
     * @param read what was read there, by its condition
     * @param because what that says beside the next stop towards the post, and beside another condition
     */
    public record Stop(PointId point, int depth, Map<Condition, Taken> read, List<Reason> because) {
        public Stop {
            read = Map.copyOf(read);
            because = List.copyOf(because);
        }
    }

    /** The drop from the post to a stop, and with the current that was measured its resistance. */
    public record Taken(String shown, Optional<String> ohms) {
        public String words() {
            return shown + ohms.map(o -> ", " + o).orElse("");
        }
    }

    /** The walks from both posts, those of at least two stops. */
    public static List<PostWalk> of(CaseRecord record) {
        Circuit circuit = record.circuit();
        return Stream.of(circuit.minusPost(), circuit.plusPost())
                .map(post -> new Outwards(record, post).walk())
                .filter(walk -> walk.stops().size() > 1)
                .toList();
    }
}

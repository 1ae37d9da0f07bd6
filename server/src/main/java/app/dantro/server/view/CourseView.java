package app.dantro.server.view;

import app.dantro.core.procedure.Branch;
import app.dantro.core.procedure.Course;
import app.dantro.core.procedure.Station;
import java.util.List;

/**
 * How far the order of work was followed.
 *
 * @param branches where the symptom sends the search
 */
public record CourseView(List<CallView> calls, List<String> branches) {
    static CourseView of(Course course) {
        return new CourseView(
                course.calls().stream().map(CallView::of).toList(),
                course.branches().stream().map(Branch::points).toList());
    }

    /** A station of the order of work, why it stands there, and whether it was passed. */
    public record CallView(Station station, String words, String reason, Course.State state, String stateWords) {
        static CallView of(Course.Call call) {
            return new CallView(
                    call.station(),
                    call.station().words(),
                    call.station().reason(),
                    call.state(),
                    call.state().words());
        }
    }
}

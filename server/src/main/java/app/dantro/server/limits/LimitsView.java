package app.dantro.server.limits;

import app.dantro.core.circuit.Loop;
import app.dantro.core.limits.OwnSets;
import app.dantro.core.limits.SchoolVerdict;
import app.dantro.core.quantity.Reason;
import app.dantro.core.schools.Row;
import app.dantro.core.schools.Ruling;
import app.dantro.core.schools.SchoolTable;
import app.dantro.core.starting.DrawMatrix;
import app.dantro.server.store.ShopSchool;
import app.dantro.server.view.FigureView;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** Everything the limits view shows. */
record LimitsView(
        TableView table,
        Optional<MatrixView> matrix,
        List<FigureView> figures,
        List<KnownSchool> schools,
        List<ShopSchoolView> followed,
        List<OwnSetView> own) {

    /** The schools side by side. */
    record TableView(List<RowView> rows) {
        static TableView of(SchoolTable table) {
            return new TableView(table.rows().stream().map(RowView::of).toList());
        }
    }

    /** One reading, or the sum of two, under every school. */
    record RowView(
            String what,
            List<UUID> readings,
            String shown,
            Optional<RulingView> own,
            List<RulingView> rulings,
            Optional<String> parting,
            Optional<String> carried) {
        static RowView of(Row row) {
            return new RowView(
                    row.what().words(),
                    row.readings(),
                    row.shown(),
                    row.own().map(RulingView::of),
                    row.rulings().stream().map(RulingView::of).toList(),
                    row.parting().isEmpty() ? Optional.empty() : Optional.of(Reason.words(row.parting())),
                    row.carried().map(Reason::words));
        }
    }

    /** What one school says; the limit in words with its unit. */
    record RulingView(String school, String limit, SchoolVerdict verdict) {
        static RulingView of(Ruling ruling) {
            return new RulingView(ruling.school(), ruling.limit().words(), ruling.verdict());
        }
    }

    /** Volts against current of one crank. */
    record MatrixView(boolean held, DrawMatrix.Draw draw, String shown, List<SquareView> squares) {
        static MatrixView of(DrawMatrix matrix) {
            return new MatrixView(
                    matrix.held(),
                    matrix.draw(),
                    Reason.words(matrix.shown()),
                    Arrays.stream(DrawMatrix.Square.values())
                            .map(s -> SquareView.of(s, matrix.met() == s))
                            .toList());
        }
    }

    /** What one pair of signs means; {@code met} if the case's readings stand here. */
    record SquareView(boolean held, DrawMatrix.Draw draw, String means, String why, String next, boolean met) {
        static SquareView of(DrawMatrix.Square square, boolean met) {
            return new SquareView(square.held(), square.draw(), square.means(), square.why(), square.next(), met);
        }
    }

    /** A school with what it is for. */
    record KnownSchool(Loop loop, String name, String notes) {}

    /** The school the shop follows for one loop; empty for none but the conductor's own limit. */
    record ShopSchoolView(UUID id, Loop loop, String school, String reason, String chosenBy, long chosenAtMs) {
        static ShopSchoolView of(ShopSchool s) {
            return new ShopSchoolView(s.id(), s.loop(), s.school(), s.reason(), s.chosenBy(), s.chosenAtMs());
        }
    }

    /** A set of the shop's own as it stands. */
    record OwnSetView(
            Loop loop,
            String name,
            int version,
            Optional<Double> supplyVolts,
            Optional<Double> returnVolts,
            String source,
            long sinceMs) {
        static OwnSetView of(OwnSets.Version v) {
            return new OwnSetView(
                    v.loop(),
                    v.limits().name(),
                    v.number(),
                    v.limits().supplyVolts(),
                    v.limits().returnVolts(),
                    v.limits().notes(),
                    v.sinceMillis());
        }
    }
}

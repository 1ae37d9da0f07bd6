package app.dantro.server.vehicle;

import app.dantro.core.circuit.Loop;
import app.dantro.server.store.VehicleField;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * All that is known of one vehicle.
 *
 * @param here how often it was here
 * @param again what came back, in words, the newest first
 * @param visits the newest first
 */
record VehiclePageView(
        UUID id,
        String name,
        List<VehicleDetailView> details,
        int here,
        List<String> again,
        List<VisitView> visits,
        List<JointView> joints,
        List<VehicleFigureSeriesView> figures) {

    /** Plate, year and the like; empty if it was never said. */
    record VehicleDetailView(VehicleField field, String title, int longest, String value) {}

    /** One case of it. @param odometer in km, as it was said last */
    record VisitView(
            UUID caseId,
            long openedAtMs,
            String complaint,
            Loop concern,
            String stageWords,
            boolean over,
            boolean setAside,
            String finding,
            String repairs,
            String people,
            Optional<String> odometer) {}

    /**
     * A joint or cable over the years, in mΩ at 20 °C.
     *
     * @param points in the order of time
     * @param repairs in the order of time: each begins a new series
     * @param drift what the last series shows, in words; empty if nothing rises
     */
    record JointView(
            String part,
            String name,
            double healthyLowMilliohms,
            double healthyHighMilliohms,
            List<JointPointView> points,
            List<JointRepairView> repairs,
            String drift) {}

    /** @param caseId the visit at which it was read */
    record JointPointView(
            UUID caseId,
            long atMs,
            double milliohms,
            double lowMilliohms,
            double highMilliohms,
            boolean ampsMeasured,
            boolean simulated) {}

    record JointRepairView(UUID caseId, long atMs, String words) {}

    /** A voltage at the posts over the years. */
    record VehicleFigureSeriesView(String title, String unit, List<FigurePointView> points) {}

    record FigurePointView(UUID caseId, long atMs, double value) {}
}

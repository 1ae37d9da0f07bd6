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
 * @param advice what earlier visits left open, in words
 * @param stated figures of the vehicle itself, in words
 * @param visits the newest first
 * @param joined what was entered as other vehicles and joined to this one
 * @param alike other vehicles with the same plate
 */
record VehiclePageView(
        UUID id,
        String name,
        List<VehicleDetailView> details,
        int here,
        List<String> again,
        List<String> advice,
        List<String> stated,
        List<VisitView> visits,
        List<PartLifeView> lives,
        List<JointView> joints,
        List<VehicleFigureSeriesView> figures,
        List<SameVehicleView> joined,
        List<SameVehicleView> alike) {

    /** Plate, year and the like; empty if it was never said. @param hint what looks odd about it, though it may be right */
    record VehicleDetailView(VehicleField field, String title, int longest, String value, String hint) {}

    /** Another entry of what is, or may be, the same vehicle. */
    record SameVehicleView(UUID id, String name, String plate) {}

    /** A part from when it was fitted until it was replaced, if it was; odometers as they were said. */
    record PartLifeView(
            String name,
            UUID caseId,
            long fittedAtMs,
            Optional<String> fittedOdometer,
            Optional<Long> untilAtMs,
            Optional<String> untilOdometer) {}

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

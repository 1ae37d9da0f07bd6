package app.dantro.server.view;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.PartId;
import app.dantro.core.finding.PartFinding;
import app.dantro.core.finding.Standing;
import app.dantro.core.finding.Suspicion;
import app.dantro.core.procedure.Assessment;
import app.dantro.core.quantity.Reason;
import app.dantro.core.standing.DeviceGate;
import app.dantro.server.store.StoredCase;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * A part with its standing.
 *
 * @param device empty for wiring, and for devices without a group of their own
 * @param probabilityFounded false if no reading speaks against the part, so that the figure may not be shown as if one did
 */
public record PartView(
        String id,
        String name,
        String kind,
        Optional<DeviceKind> device,
        PartGroup group,
        Standing standing,
        String standingWords,
        String says,
        List<UUID> readings,
        List<String> missing,
        Optional<Double> probability,
        Optional<String> probabilityWords,
        boolean probabilityFounded,
        Optional<GateView> gate) {
    /** Devices that have a group of their own in the Proof. */
    public enum DeviceKind {
        BATTERY,
        STARTER,
        ALTERNATOR
    }

    static List<PartView> all(StoredCase file, Assessment assessment) {
        ChargingSides charging = ChargingSides.of(file.circuit());
        return assessment.findings().ofEveryPart().stream()
                .map(p -> of(file, charging, assessment, p))
                .toList();
    }

    private static PartView of(StoredCase file, ChargingSides charging, Assessment assessment, PartFinding finding) {
        PartId id = finding.part();
        Optional<DeviceKind> device = deviceOf(file, id);
        return new PartView(
                id.value(),
                finding.name(),
                file.circuit().part(id).map(p -> p.kind().word()).orElse("component"),
                device,
                PartGroup.of(file, charging, id, device),
                finding.standing(),
                finding.standing().words(),
                finding.says(),
                finding.readings(),
                finding.missing().stream().map(Reason::words).toList(),
                finding.suspicion().map(Suspicion::probability),
                finding.suspicion().map(Suspicion::words),
                finding.suspicion().filter(s -> !s.unfounded()).isPresent(),
                assessment.verdict().map(v -> v.gates().get(id)).map(GateView::of));
    }

    private static Optional<DeviceKind> deviceOf(StoredCase file, PartId id) {
        Circuit circuit = file.circuit();
        if (id.equals(file.loop().battery().id())
                || circuit.batteries().stream().anyMatch(b -> b.id().equals(id))) {
            return Optional.of(DeviceKind.BATTERY);
        }
        if (circuit.starter().filter(s -> s.id().equals(id)).isPresent()) {
            return Optional.of(DeviceKind.STARTER);
        }
        return circuit.alternator().filter(a -> a.id().equals(id)).map(a -> DeviceKind.ALTERNATOR);
    }

    /**
     * What a device's verdict rests on.
     *
     * @param decides what would decide next; absent if nothing is missing
     */
    public record GateView(List<GateItemView> items, Optional<String> decides) {
        static GateView of(DeviceGate gate) {
            return new GateView(
                    gate.items().stream()
                            .map(i -> new GateItemView(
                                    i.words(),
                                    i.delivers(),
                                    i.state(),
                                    i.state().words(),
                                    i.shown()))
                            .toList(),
                    gate.decides());
        }
    }

    /** One item of a gate: what reaches the device, or what it delivers. */
    public record GateItemView(
            String words, boolean delivers, DeviceGate.State state, String stateWords, Optional<String> shown) {}
}

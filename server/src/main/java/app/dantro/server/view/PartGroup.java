package app.dantro.server.view;

import app.dantro.core.circuit.Loop;
import app.dantro.core.circuit.PartId;
import app.dantro.core.circuit.Side;
import app.dantro.server.store.StoredCase;
import java.util.Optional;

/**
 * The group a part stands in, in the order of the loop that the case is about: what the complaint may come from first.
 *
 * @param number groups are shown by rising numbers
 * @param side empty for what is no way of the loop
 */
public record PartGroup(int number, String name, Optional<Side> side) {
    private static final PartGroup REST_OF_STARTING = of(5, "Charging, grounds and control");
    private static final PartGroup REST_OF_CHARGING = of(5, "Starting, grounds and control");

    static PartGroup of(StoredCase file, ChargingSides charging, PartId part, Optional<PartView.DeviceKind> device) {
        return file.record().concern() == Loop.CHARGING
                ? ofCharging(charging.of(part), device)
                : ofStarting(
                        Optional.of(part)
                                .filter(p -> file.loop().part(p).isPresent())
                                .map(file.loop()::sideOf),
                        device);
    }

    private static PartGroup ofStarting(Optional<Side> side, Optional<PartView.DeviceKind> device) {
        if (is(device, PartView.DeviceKind.BATTERY)) {
            return of(1, "Battery");
        }
        if (is(device, PartView.DeviceKind.STARTER)) {
            return of(3, "Starter");
        }
        return side.map(s -> s == Side.SUPPLY ? way(2, "Supply side", s) : way(4, "Return side", s))
                .orElse(REST_OF_STARTING);
    }

    private static PartGroup ofCharging(Optional<Side> side, Optional<PartView.DeviceKind> device) {
        if (is(device, PartView.DeviceKind.ALTERNATOR)) {
            return of(1, "Alternator");
        }
        if (is(device, PartView.DeviceKind.BATTERY)) {
            return of(4, "Battery");
        }
        return side.map(s -> s == Side.SUPPLY ? way(2, "Charging, supply side", s) : way(3, "Charging, return side", s))
                .orElse(REST_OF_CHARGING);
    }

    private static boolean is(Optional<PartView.DeviceKind> device, PartView.DeviceKind kind) {
        return device.filter(d -> d == kind).isPresent();
    }

    private static PartGroup of(int number, String name) {
        return new PartGroup(number, name, Optional.empty());
    }

    private static PartGroup way(int number, String name, Side side) {
        return new PartGroup(number, name, Optional.of(side));
    }
}

package app.dantro.server.store;

import java.util.UUID;

/** Something noted of a vehicle; an empty value takes back what was noted before. */
public record VehicleDetail(UUID id, UUID vehicleId, VehicleField field, String value, String saidBy, long saidAtMs) {}

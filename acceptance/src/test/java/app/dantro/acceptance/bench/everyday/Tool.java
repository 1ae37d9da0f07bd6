package app.dantro.acceptance.bench.everyday;

/** What a technician has beside the meter. */
enum Tool {
    OWN("what each owns"),
    METER("meter only"),
    CLAMP("meter and clamp");

    final String words;

    Tool(String words) {
        this.words = words;
    }

    boolean clamp(FleetVehicle vehicle) {
        return this == CLAMP || this == OWN && vehicle.meter().clamp().owned();
    }
}

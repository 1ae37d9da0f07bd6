package app.dantro.server.store;

/** What is known of a vehicle beside its name and figures. */
public enum VehicleField {
    PLATE("Plate or fleet number", 20),
    YEAR("Year", 4),
    ENGINE("Engine", 60),
    VIN("Chassis number", 17),
    BATTERY("Battery", 60),
    COLD_CRANKING("Cold-cranking amps", 6),
    FITTED("Battery fitted", 10),
    REFERENCE("Customer's reference", 60);

    private final String title;
    private final int longest;

    VehicleField(String title, int longest) {
        this.title = title;
        this.longest = longest;
    }

    public String title() {
        return title;
    }

    /** Most characters that it has. */
    public int longest() {
        return longest;
    }
}

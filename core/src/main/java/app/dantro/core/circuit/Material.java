package app.dantro.core.circuit;

/** What a conductor is drawn from; resistivity at 20 °C and its linear temperature coefficient (sources.md [IACS]). */
public enum Material {
    COPPER(1.724e-8, 0.00393),
    ALUMINIUM(2.826e-8, 0.00403);

    static final double REFERENCE_CELSIUS = 20;

    private final double ohmMetres;
    private final double perKelvin;

    Material(double ohmMetres, double perKelvin) {
        this.ohmMetres = ohmMetres;
        this.perKelvin = perKelvin;
    }

    /**
     * Resistivity {@code ρ (1 + α (T − 20))}.
     *
     * @param celsius conductor temperature in °C
     * @return resistivity in Ω·m
     */
    public double ohmMetresAt(double celsius) {
        return ohmMetres * (1 + perKelvin * (celsius - REFERENCE_CELSIUS));
    }
}

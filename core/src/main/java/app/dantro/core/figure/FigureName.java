package app.dantro.core.figure;

import app.dantro.core.quantity.Reason;

/** What a figure is called. */
public enum FigureName implements Reason.Kind {
    STATE_OF_CHARGE("State of charge"),
    LIGHT_LOAD("Battery under light load"),
    RECOVERY("Recovery after the load"),
    STARTER_DRAW("Starter's draw"),
    TWO_CRANKS("Return side by two cranks"),
    STANDING_CURRENT("Standing current"),
    OVERNIGHT_DRAIN("Overnight drain"),
    OUTPUT_CURRENT("Output current"),
    LOADS("Loads"),
    LOADS_ON("Loads on"),
    RIPPLE("%s"),
    DIODE_TEST("Diode test"),
    FIELD_COMMAND("Field command"),
    STEADINESS("Steadiness"),
    GENERATOR("Generator"),
    RISE("Rise over the base voltage"),
    LOADED_RISE("Rise with all loads on"),
    WITH_SPEED("With the speed"),
    AFTER_SWITCH_OFF("After switch-off"),
    NEW_UNIT("New unit against the old"),
    BENCH_TESTS("Bench tests"),
    UNIT_LIFE("Life of the old unit"),
    OUTSIDE_TESTS("Tests elsewhere"),
    BRANCH_CURRENT("Current in the %s, %s");

    private final String template;

    FigureName(String template) {
        this.template = template;
    }

    @Override
    public String template() {
        return template;
    }
}

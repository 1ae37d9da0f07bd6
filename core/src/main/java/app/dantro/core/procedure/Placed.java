package app.dantro.core.procedure;

/** A step with the stage of the work it belongs to. */
record Placed(Stage stage, Step step) {}

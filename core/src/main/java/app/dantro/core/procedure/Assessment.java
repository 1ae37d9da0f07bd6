package app.dantro.core.procedure;

import app.dantro.core.diagnosis.Findings;
import app.dantro.core.diagnosis.LoopProfile;

/** Everything that follows from a case's evidence. */
public record Assessment(Findings findings, LoopProfile profile, Stage stage, Step next) {}

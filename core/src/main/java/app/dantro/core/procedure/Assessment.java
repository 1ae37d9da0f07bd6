package app.dantro.core.procedure;

import app.dantro.core.diagnosis.Findings;
import app.dantro.core.diagnosis.LoopProfile;
import java.util.Optional;

/**
 * Everything that follows from a case's evidence.
 *
 * @param profile the loop that the complaint is about
 * @param other the vehicle's other loop, if it has one
 */
public record Assessment(Findings findings, LoopProfile profile, Optional<LoopProfile> other, Stage stage, Step next) {}

package app.dantro.server.store;

import app.dantro.core.circuit.Circuit;
import app.dantro.core.circuit.SeriesLoop;

/**
 * The circuit a case works on.
 *
 * @param version counts the edits, from 1
 * @param json the circuit as an object of the case file
 */
public record CaseCircuit(int version, String json, Circuit circuit, SeriesLoop loop) {}

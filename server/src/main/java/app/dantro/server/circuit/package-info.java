/** The Circuit view: a case's circuit as ordered lists, what each part should lose, and edits to it. Start at {@link app.dantro.server.circuit.CircuitController}. Must not know what is read in a circuit. */
package app.dantro.server.circuit;

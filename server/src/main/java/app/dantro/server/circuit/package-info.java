/** The Circuit view: a case's circuit as ordered lists, what each part should lose, and edits to it. */
package app.dantro.server.circuit;

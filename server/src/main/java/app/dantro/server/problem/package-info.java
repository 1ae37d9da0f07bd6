/** Errors on the wire: problem+json with a code, the fields and the fix. */
package app.dantro.server.problem;

/**
 * The case file: JSON to domain and back. Start at {@link app.dantro.server.format.CaseFormat}. Knows core and a JSON
 * library; never Spring, SQL or HTTP, so that the command line uses it too.
 */
package app.dantro.server.format;

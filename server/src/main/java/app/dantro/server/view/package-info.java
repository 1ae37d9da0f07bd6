/**
 * A case on the wire: start at {@link app.dantro.server.view.CaseView}. Maps what the core says; must not judge.
 */
package app.dantro.server.view;

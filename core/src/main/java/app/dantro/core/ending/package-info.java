/**
 * How a job ends when nothing was repaired: what was shown, what was not, what the customer is told. Start at {@link
 * app.dantro.core.ending.Endings}. When an ending is due stays with the order of work; what a part's standing is does not
 * belong here.
 */
package app.dantro.core.ending;

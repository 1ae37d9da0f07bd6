/** What shows that nothing which was acknowledged is missing or other than it was. */
package app.dantro.server.seal;

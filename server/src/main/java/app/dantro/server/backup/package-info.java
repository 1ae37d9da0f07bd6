/** Copies of the shop's data, made while work goes on, looked at before they count, and put back. */
package app.dantro.server.backup;

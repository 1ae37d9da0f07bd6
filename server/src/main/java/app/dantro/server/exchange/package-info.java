/** Open formats in and out: the command line and the API for case files, predictions and netlists. */
package app.dantro.server.exchange;

/** Open formats in and out: the command line and the API for case files, predictions and netlists. Start at {@link app.dantro.server.exchange.ExchangeController}. Must not know SQL; files go through the doors that typed entries go through. */
package app.dantro.server.exchange;

/**
 * Every charging case in work as one line. Start at {@link app.dantro.server.runsheet.RunSheetController}. Must not know
 * other features.
 */
package app.dantro.server.runsheet;

/** Pictures of what was seen under the bonnet, kept with the case. Start at {@link app.dantro.server.photo.PhotoController}. Must not know other doors. */
package app.dantro.server.photo;

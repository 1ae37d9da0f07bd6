/** Pictures of what was seen under the bonnet, kept with the case. */
package app.dantro.server.photo;

package app.dantro.server.live;

/** A device may see no more: every stream ends, and those that still may open theirs anew. */
public record DeviceBarred() {}

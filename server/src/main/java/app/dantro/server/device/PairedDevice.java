package app.dantro.server.device;

import java.util.Optional;
import java.util.UUID;

/**
 * A device that may use the program from the network.
 *
 * @param tokenHash SHA-256 of its cookie, in hex
 * @param caseId the one case of a seat
 */
record PairedDevice(UUID id, String name, Role role, Optional<UUID> caseId, String tokenHash, long pairedAtMs) {}

package app.dantro.server.store;

import app.dantro.core.circuit.Loop;
import java.util.UUID;

/**
 * The school a shop follows for one loop; empty for none but the conductor's own limit.
 *
 * @param school name as the limits show it
 */
public record ShopSchool(UUID id, Loop loop, String school, String reason, String chosenBy, long chosenAtMs) {}

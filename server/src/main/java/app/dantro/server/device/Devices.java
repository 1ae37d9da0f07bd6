package app.dantro.server.device;

import app.dantro.server.live.DeviceBarred;
import app.dantro.server.problem.ProblemException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.time.Clock;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Service;

/** Pairs devices, knows them again by their cookie, removes them. */
@Service
class Devices {
    private static final Logger LOG = LoggerFactory.getLogger(Devices.class);
    private static final int TOKEN_BYTES = 32;

    private final DeviceStore store;
    private final PairingCodes codes;
    private final Clock clock;
    private final ApplicationEventPublisher publisher;
    private final SecureRandom random = new SecureRandom();

    Devices(DeviceStore store, PairingCodes codes, Clock clock, ApplicationEventPublisher publisher) {
        this.store = store;
        this.codes = codes;
        this.clock = clock;
        this.publisher = publisher;
    }

    /** A device just paired, with the token that goes into its cookie and nowhere else. */
    record Joined(PairedDevice device, String token) {}

    /**
     * @param before the device that this browser was until now, which it ceases to be
     * @param peer the address that types it
     * @throws ProblemException 429 after five tries in a minute, 400 if the code does not work
     */
    Joined join(String code, String name, Optional<UUID> before, String peer) {
        if (!codes.mayTry(peer)) {
            throw ProblemException.tooMany("Five codes were tried in a minute. Wait a minute, then type it again.");
        }
        PairingCodes.Grant grant = codes.take(code)
                .orElseThrow(
                        () -> ProblemException.field(
                                "code",
                                "This code does not work: each works once and for ten minutes. Ask for a new one at the workshop's computer."));
        byte[] token = new byte[TOKEN_BYTES];
        random.nextBytes(token);
        String text = HexFormat.of().formatHex(token);
        PairedDevice device = new PairedDevice(
                UUID.randomUUID(),
                name.strip(),
                grant.role(),
                grant.caseId(),
                hash(text),
                clock.millis(),
                clock.millis());
        store.add(device);
        LOG.info("Device {} joined as {}", device.id(), device.role());
        before.ifPresent(this::remove);
        return new Joined(device, text);
    }

    /** The device whose cookie this is, unless it was away for too long. */
    Optional<PairedDevice> byToken(String token) {
        long now = clock.millis();
        return store.findByToken(hash(token)).filter(d -> !d.expired(now));
    }

    /** Notes that a device is here, once an hour; true if it was noted, and its cookie lives on from now. */
    boolean note(PairedDevice device) {
        if (!device.toBeNoted(clock.millis())) {
            return false;
        }
        try {
            store.seen(device.id(), clock.millis());
            return true;
        } catch (DataAccessException full) {
            LOG.warn("When a device was last seen could not be noted: {}", full.getMessage());
            return false;
        }
    }

    List<PairedDevice> all() {
        return store.findAll();
    }

    /** @throws ProblemException 404 if there is no such device */
    void remove(UUID id) {
        if (!store.remove(id, clock.millis())) {
            throw ProblemException.notFound("There is no such device any more.");
        }
        LOG.info("Device {} removed", id);
        publisher.publishEvent(new DeviceBarred());
    }

    private static String hash(String token) {
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256").digest(token.getBytes(StandardCharsets.US_ASCII));
            return HexFormat.of().formatHex(digest);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Every Java has SHA-256", e);
        }
    }
}

package truekeen.app.access;

import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;

/** Opens the way in for other devices as soon as it may be. */
@Component
class DoorOpener {
    private final LanDoor door;
    private final Passphrases passphrases;

    DoorOpener(LanDoor door, Passphrases passphrases) {
        this.door = door;
        this.passphrases = passphrases;
    }

    @EventListener(ApplicationReadyEvent.class)
    void started() {
        openIfMay();
    }

    /** Once the owner has a passphrase. */
    void openIfMay() {
        try {
            if (door.wanted() && passphrases.isSet(May.OWNER)) {
                door.openIfWanted();
            }
        } catch (DataAccessException | TransactionException away) {
            // The store is away: whoever sets or asks for it later opens it.
            return;
        }
    }
}

package truekeen.app.kit;

import java.util.Optional;
import java.util.UUID;

/** A place that works with pieces of the kit, and says what would be left without one. */
public interface KitUse {
    /** What a piece is wanted for, in words; empty where nothing here wants it. */
    Optional<String> wantedFor(UUID piece);
}

package truekeen.app.angle;

import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import truekeen.app.kit.KitUse;
import truekeen.app.kit.SetupsOnHolders;

/** Set-ups want what holds them. */
@Component
class SetupsOnKit implements KitUse {
    private final SetupsOnHolders setups;

    SetupsOnKit(SetupsOnHolders setups) {
        this.setups = setups;
    }

    @Override
    public Optional<String> wantedFor(UUID piece) {
        long count = setups.count(piece);
        return count == 0 ? Optional.empty() : Optional.of(AngleWords.WANTED_BY_SETUPS.fill("count", count));
    }
}

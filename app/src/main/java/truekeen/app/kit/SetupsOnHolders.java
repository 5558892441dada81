package truekeen.app.kit;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import truekeen.app.kit.HolderRecords.RestatedView;
import truekeen.app.kit.HolderService.CoreHolder;

/** Whoever keeps set-ups hears here that what holds them has changed. The kit owns the question. */
public interface SetupsOnHolders {
    /**
     * Works out anew what every set-up on these holders is set to.
     *
     * @param because why, in words
     * @return those whose setting changed
     */
    List<RestatedView> restate(Collection<CoreHolder> holders, String because);

    /** How many set-ups a holder holds. */
    long count(UUID holderId);
}

package truekeen.app.shop;

import java.util.UUID;

/** A crew is called something else: what repeats its name is to be put right. */
public record CrewRenamed(UUID crewId) {}

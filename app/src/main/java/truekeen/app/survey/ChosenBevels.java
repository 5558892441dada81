package truekeen.app.survey;

import java.util.Optional;
import java.util.UUID;
import truekeen.core.section.TargetBevel;
import truekeen.core.tool.Blade;

/** Where the survey learns which bevels were chosen for a tool; the angle package answers. */
public interface ChosenBevels {
    /** The bevels of the tool's set-up on that blade, if one was saved. */
    Optional<TargetBevel> chosen(UUID toolId, Blade blade);
}

package truekeen.app.houserule;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import truekeen.core.rule.HouseRule;

/** What the shop found out that speaks for a school; whoever keeps trials says it. */
public interface RuleEvidence {
    /**
     * What speaks for a school.
     *
     * @param trial the trial that settled it
     * @param choice key of the school
     * @param words what was found, with its certainty
     */
    record Evidence(UUID trial, String choice, String words) {}

    /** All of it, by rule. */
    Map<HouseRule, List<Evidence>> evidence();
}

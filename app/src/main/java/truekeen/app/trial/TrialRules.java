package truekeen.app.trial;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.houserule.HouseRuleService;
import truekeen.app.houserule.RuleEvidence;
import truekeen.app.trial.TrialRecords.RuleOffer;
import truekeen.app.trial.TrialStore.Whole;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.rule.HouseRule;
import truekeen.core.rule.RuleOption;
import truekeen.core.trial.TrialJudgement;
import truekeen.core.trial.TrialSays;

/** What settled trials say for the house rules. */
@Component
class TrialRules implements RuleEvidence {
    private final TrialRows.Trials trials;
    private final TrialStore store;
    private final HouseRuleService rules;

    TrialRules(TrialRows.Trials trials, TrialStore store, HouseRuleService rules) {
        this.trials = trials;
        this.store = store;
        this.rules = rules;
    }

    private record Settled(HouseRule rule, RuleOption option) {}

    private static Optional<Settled> settled(Whole w) {
        TrialJudgement j = w.judged();
        return w.trial().covered() || j.winner().isEmpty()
                ? Optional.empty()
                : w.trial()
                        .question
                        .option(j.winner().getAsInt())
                        .map(o -> new Settled(w.trial().question.rule().orElseThrow(), o));
    }

    /** The rule that a trial offers, if it is settled and settles one. */
    Optional<RuleOffer> offer(Whole w) {
        return settled(w)
                .map(s -> new RuleOffer(
                        s.rule,
                        s.rule.question(),
                        s.option.key(),
                        s.option.words(),
                        rules.ofTheShop(s.rule) == s.option));
    }

    /** Makes it the shop's rule. */
    void pick(Whole w) {
        Settled s = settled(w)
                .orElseThrow(() -> new RefusedException(Refusal.of(MessageCode.TRIAL_NOT_SETTLED, "", w.trial().name)));
        rules.pickForTheShop(s.rule, s.option);
    }

    @Override
    @Transactional(readOnly = true)
    public Map<HouseRule, List<Evidence>> evidence() {
        Map<HouseRule, List<Evidence>> out = new EnumMap<>(HouseRule.class);
        for (Whole w : store.all(trials.findAllByOrderByAtDesc())) {
            settled(w).ifPresent(s -> out.computeIfAbsent(s.rule, r -> new ArrayList<>())
                    .add(new Evidence(
                            w.trial().id,
                            s.option.key(),
                            TrialWords.SETTLED_BY.fill(
                                    "trial",
                                    w.trial().name,
                                    "says",
                                    TrialSays.conclusion(w.judged(), w.ways()).get(0)))));
        }
        return out;
    }
}

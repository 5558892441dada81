package truekeen.app.plan;

import io.swagger.v3.oas.annotations.Hidden;
import java.util.List;
import java.util.concurrent.Callable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import truekeen.app.kit.KitService;
import truekeen.app.plan.PlanRecords.GainView;
import truekeen.app.plan.PlanRecords.GainsView;
import truekeen.core.progression.WhatToBuy;
import truekeen.core.removal.StockRemoval;

/** What one abrasive more would do for all tools: a long question, worked apart from the others. */
@RestController
@RequestMapping("/api/v1/what-to-buy")
class WhatToBuyController {
    private static final int MOST_GAINS = 6;

    private final ShelfNeeds shelfNeeds;
    private final KitService kit;
    private final LongQuestions questions;

    WhatToBuyController(ShelfNeeds shelfNeeds, KitService kit, LongQuestions questions) {
        this.shelfNeeds = shelfNeeds;
        this.kit = kit;
        this.questions = questions;
    }

    @GetMapping
    Callable<GainsView> gains() {
        return questions.ask(this::gains);
    }

    /** Server-sent events: {@code progress}, and at last an {@code answer} with what {@link #gains()} gives. */
    @Hidden
    @GetMapping(path = "/stream", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter stream() {
        return questions.watch(this::gains);
    }

    private GainsView gains(LongQuestions.Listener listener) {
        List<WhatToBuy.Need> needs = shelfNeeds.all();
        double spread = StockRemoval.firstEstimateSpread();
        return new GainsView(
                needs.size(),
                WhatToBuy.rank(needs, kit.shelf(), MOST_GAINS, listener::at).stream()
                        .map(g -> new GainView(
                                g.kind().key(),
                                g.d50Um(),
                                g.savedSeconds() / 60 / spread,
                                g.savedSeconds() / 60 * spread,
                                g.possible(),
                                g.finished(),
                                g.quicker()))
                        .toList());
    }
}

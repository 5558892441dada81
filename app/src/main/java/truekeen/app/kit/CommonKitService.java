package truekeen.app.kit;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.kit.HolderRecords.HolderForm;
import truekeen.app.kit.KitRecords.AbrasiveForm;
import truekeen.app.kit.KitRecords.CommonKitForm;
import truekeen.app.kit.KitRecords.CommonKitView;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.abrasive.CommonKit;
import truekeen.core.holding.HolderKind;
import truekeen.core.holding.UsualGuide;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;

/** What many a bench has, put into an empty kit in one touch each; everything can be changed afterwards. */
@Service
@Transactional
public class CommonKitService {
    /** A roller guide of which nothing was measured. */
    static final String ROLLER_GUIDE = "ROLLER_GUIDE";

    private final KitService kit;
    private final HolderService holders;

    CommonKitService(KitService kit, HolderService holders) {
        this.kit = kit;
        this.holders = holders;
    }

    /** What is offered, and what of it stands here already. */
    @Transactional(readOnly = true)
    public List<CommonKitView> all() {
        Set<String> there = names();
        List<CommonKitView> all = new ArrayList<>();
        CommonKit.all()
                .forEach(c -> all.add(new CommonKitView(
                        c.key(),
                        c.title(),
                        c.drawing(),
                        false,
                        c.pieces().stream().allMatch(p -> there.contains(p.name())))));
        all.add(new CommonKitView(
                ROLLER_GUIDE,
                KitWords.A_ROLLER_GUIDE.words(),
                CommonKit.Drawing.ROLLER_GUIDE,
                true,
                holders.all().stream().anyMatch(h -> h.kind() == HolderKind.ROLLER_GUIDE)));
        return all;
    }

    /** Puts what was touched into the kit; what stands there by that name stays as it is. */
    public List<CommonKitView> add(CommonKitForm in) {
        List<String> keys = in.keys() == null ? List.of() : in.keys();
        for (String key : keys) {
            if (key.equals(ROLLER_GUIDE)) {
                guide();
                continue;
            }
            CommonKit common = CommonKit.all().stream()
                    .filter(c -> c.key().equals(key))
                    .findFirst()
                    .orElseThrow(() -> new RefusedException(Refusal.of(MessageCode.UNKNOWN_CHOICE, "keys", key)
                            .with(
                                    "allowed",
                                    String.join(
                                            ", ",
                                            CommonKit.all().stream()
                                                    .map(CommonKit::key)
                                                    .toList()))));
            common.pieces().forEach(this::piece);
        }
        return all();
    }

    private void piece(CommonKit.Piece p) {
        if (names().contains(p.name())) {
            return;
        }
        boolean flattened =
                p.kind().flattenAfterStrokes().isPresent() && !p.kind().has(AbrasiveKind.Trait.RENEWED);
        kit.add(new AbrasiveForm(
                        p.name(),
                        p.kind().key(),
                        p.standard(),
                        p.grit(),
                        "",
                        "",
                        p.shape().name(),
                        p.lubricant().key(),
                        true,
                        0,
                        flattened,
                        false,
                        false,
                        false,
                        0)
                .withOtherSide(p.otherSide()));
    }

    private void guide() {
        if (holders.all().stream().anyMatch(h -> h.kind() == HolderKind.ROLLER_GUIDE)) {
            return;
        }
        holders.add(new HolderForm(
                KitWords.A_ROLLER_GUIDE.words(),
                HolderKind.ROLLER_GUIDE.name(),
                HolderService.typed(UsualGuide.of(HolderKind.ROLLER_GUIDE)),
                "",
                "",
                KitWords.GUIDE_AS_USUAL.words(),
                0));
    }

    private Set<String> names() {
        Set<String> names = new HashSet<>();
        kit.kit().abrasives().forEach(a -> names.add(a.name()));
        return names;
    }
}

package truekeen.app.kit;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.kit.HolderRecords.CalibrationForm;
import truekeen.app.kit.HolderRecords.CalibrationView;
import truekeen.app.kit.HolderRecords.HolderForm;
import truekeen.app.kit.HolderRecords.HolderView;
import truekeen.app.kit.HolderRecords.PairForm;
import truekeen.app.kit.HolderRecords.TaughtForm;
import truekeen.app.platform.Form;
import truekeen.core.holding.HolderKind;
import truekeen.core.holding.UsualGuide;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Numbers;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.setup.PlatformRest;
import truekeen.core.setup.SupportBar;

/** Takes in what holds an angle by what it gives, where nobody has its dimensions. */
@Service
@Transactional
class HolderTeaching {
    private final HolderService holders;

    HolderTeaching(HolderService holders) {
        this.holders = holders;
    }

    /** Adds a guide by what its settings give; without any it is taken as usual, until something is measured. */
    public HolderView teach(TaughtForm in) {
        HolderKind kind = taught(in);
        if (kind.onWheel()) {
            return teachAtWheel(kind, in);
        }
        String note = Form.blank(in.note()) && noPairs(in) ? KitWords.GUIDE_AS_USUAL.words() : in.note();
        HolderView added = holders.add(new HolderForm(
                in.name(), in.kind(), HolderService.typed(UsualGuide.of(kind)), "", "", Form.orEmpty(note), 0));
        if (!noPairs(in)) {
            holders.calibrate(added.id(), calibration(in, added.version()));
        }
        return holders.one(added.id());
    }

    /** What a guide so taught would give, without keeping it. */
    @Transactional(readOnly = true)
    public CalibrationView tryTeaching(TaughtForm in) {
        HolderKind kind = taught(in);
        if (kind.onWheel()) {
            throw new RefusedException(
                    Refusal.of(MessageCode.UNKNOWN_CHOICE, "kind", in.kind()).with("allowed", KitWords.GUIDES.words()));
        }
        return Calibrations.view(calibration(in, 0), kind, UsualGuide.of(kind));
    }

    /** A rest or a bar: the one dimension that is hard to measure is taken from an angle it gave. */
    private HolderView teachAtWheel(HolderKind kind, TaughtForm in) {
        Form form = new Form();
        WheelRow wheel = form.choice(
                "wheelId",
                KitWords.A_WHEEL.words(),
                in.wheelId(),
                holders.wheel(Form.orEmpty(in.wheelId())),
                KitWords.WHEEL_OF_THIS_KIT.words());
        Map<String, String> parts = new TreeMap<>(in.parts() == null ? Map.of() : in.parts());
        PairForm pair = in.pairs() == null || in.pairs().isEmpty()
                ? new PairForm("", "")
                : in.pairs().get(0);
        Angle gave = form.angle("pairs.0.angle", pair.angle());
        boolean bar = kind == HolderKind.SUPPORT_BAR;
        Length gap = bar ? form.length("pairs.0.projection", pair.projection()) : Length.ZERO;
        Angle tilt = bar ? gave : form.angle("pairs.0.projection", pair.projection());
        Length reach = bar ? form.length("reach", parts.get("reach")) : Length.ZERO;
        Length thick = bar ? form.length("barDiameter", parts.get("barDiameter")) : Length.ZERO;
        form.checks().orThrow();
        Length radius = Length.ofMm(wheel.diameterMm / 2);
        if (bar) {
            SupportBar found = SupportBar.thatGave(radius, reach, thick.dividedBy(2), gap, gave);
            parts.put("offset", Numbers.plain(found.offset().mm(), 3));
        } else {
            PlatformRest found = PlatformRest.thatGave(radius, tilt, gave);
            parts.put("contact", Numbers.plain(found.contact().mm(), 3));
        }
        String note = Form.blank(in.note())
                ? KitWords.TAUGHT_BY.fill("sets", kind.sets(), "setting", pair.projection(), "angle", gave)
                : in.note();
        return holders.add(new HolderForm(in.name(), in.kind(), parts, "", in.wheelId(), note, 0));
    }

    private static HolderKind taught(TaughtForm in) {
        Form form = new Form();
        List<HolderKind> guides = Arrays.stream(HolderKind.values())
                .filter(k -> k.takesBlocks() || k.onWheel())
                .toList();
        HolderKind kind = form.oneOf("kind", KitWords.A_KIND.words(), in.kind(), guides);
        form.checks().orThrow();
        return kind;
    }

    private static boolean noPairs(TaughtForm in) {
        return in.pairs() == null
                || in.pairs().stream().allMatch(p -> Form.blank(p.projection()) && Form.blank(p.angle()));
    }

    private static CalibrationForm calibration(TaughtForm in, long version) {
        return new CalibrationForm("", in.thickness(), in.pairs() == null ? List.of() : in.pairs(), version);
    }
}

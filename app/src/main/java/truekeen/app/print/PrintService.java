package truekeen.app.print;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import truekeen.app.angle.SetupService;
import truekeen.app.kit.HolderService;
import truekeen.app.kit.HolderService.CoreHolder;
import truekeen.app.machine.InspectionService;
import truekeen.app.platform.Form;
import truekeen.app.tool.ToolService;
import truekeen.app.tool.ToolService.CoreTool;
import truekeen.core.holding.RollerHolder;
import truekeen.core.holding.SavedSetting;
import truekeen.core.holding.Setting;
import truekeen.core.holding.Setup;
import truekeen.core.message.Checks;
import truekeen.core.message.InWords;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Numbers;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.quantity.QuantityReader;
import truekeen.core.setup.HoningGuide;
import truekeen.core.template.Cards;
import truekeen.core.template.Page;
import truekeen.core.template.StopBoard;
import truekeen.core.template.WedgeSheet;

/** Lays out what is to be printed. */
@Service
class PrintService {
    private final SetupService setups;
    private final HolderService holders;
    private final ToolService tools;
    private final InspectionService inspections;

    PrintService(SetupService setups, HolderService holders, ToolService tools, InspectionService inspections) {
        this.inspections = inspections;
        this.setups = setups;
        this.holders = holders;
        this.tools = tools;
    }

    /** Angles as typed, with commas between them. */
    static List<Angle> degrees(String typed) {
        Checks checks = new Checks();
        List<Angle> all = new ArrayList<>();
        for (String part : Form.orEmpty(typed).split("[;,]")) {
            if (!part.isBlank()) {
                Angle angle = checks.attempt(() -> QuantityReader.angle("angles", part));
                if (angle != null) {
                    all.add(angle);
                }
            }
        }
        checks.orThrow();
        return all;
    }

    /** The tag of a rejected blade. */
    List<Page> rejectTag(UUID toolId) {
        InspectionService.Rejected r = inspections.rejected(toolId);
        return List.of(Cards.rejectTag(
                r.tool(),
                r.reasons(),
                r.person(),
                LocalDate.ofInstant(r.at(), ZoneId.systemDefault()).toString()));
    }

    /** A stop board for a guide; the thickness counts for one that grips by the bevel side. */
    List<Page> stopBoard(UUID holderId, String typedAngles, String typedThickness) {
        CoreHolder holder = holders.core(holderId);
        if (!(holder.core().orElse(null) instanceof RollerHolder roller)) {
            throw new RefusedException(Refusal.of(MessageCode.NOT_CALIBRATED_SO, "holder", holder.name()));
        }
        Length thickness = !roller.byFace() && Form.blank(typedThickness)
                ? Length.ofMm(0)
                : QuantityReader.length("thickness", typedThickness);
        HoningGuide guide = roller.guide(thickness);
        List<StopBoard.Lane> lanes = degrees(typedAngles).stream()
                .map(a -> new StopBoard.Lane(a, projection(guide, a)))
                .toList();
        return StopBoard.pages(holder.name(), lanes);
    }

    private static double projection(HoningGuide guide, Angle angle) {
        try {
            return guide.projection(angle).mm();
        } catch (RefusedException refused) {
            throw refused.at("angles");
        }
    }

    List<Page> wedges(String typedAngles) {
        return WedgeSheet.pages(degrees(typedAngles));
    }

    byte[] wedgeBlock(String typedAngle) {
        Angle angle = QuantityReader.angle("angle", typedAngle);
        return StlSolid.write("wedge " + Numbers.plain(angle.degrees(), 2), WedgeSheet.block(angle));
    }

    List<Page> protractor(String typedAngles) {
        List<Angle> notches = Form.blank(typedAngles) ? degrees("20, 25, 30, 35, 40") : degrees(typedAngles);
        Checks checks = new Checks();
        notches.forEach(a -> checks.within("angles", PrintWords.A_NOTCH.words(), a.degrees(), 5, 90, "°"));
        checks.orThrow();
        return List.of(Cards.protractor(notches));
    }

    /** The camber of a tool's present set-up. */
    List<Page> camber(UUID toolId) {
        CoreTool tool = tools.core(toolId);
        Setup setup = setups.newest(toolId)
                .orElseThrow(() -> new RefusedException(Refusal.of(MessageCode.ANGLE_FIRST, "", "")))
                .setup();
        return List.of(Cards.camber(
                tool.name(),
                setup.camber(tool.geometry())
                        .orElseThrow(() -> new RefusedException(Refusal.of(MessageCode.NO_CAMBER, "", tool.name())))));
    }

    List<Page> setupCard(UUID setupId) {
        SetupService.Held held = setups.held(setupId);
        Setup s = held.setup();
        List<Cards.Line> lines = new ArrayList<>();
        for (SavedSetting k : s.settings()) {
            boolean length = k.unit() == Setting.Unit.MM;
            lines.add(new Cards.Line(
                    k.bevel().words() + " " + k.angle() + ": " + k.label(),
                    Numbers.plain(k.value(), 2) + (length ? InWords.MM : "°"),
                    length && s.holder().takesBlocks() ? k.value() : 0));
        }
        if (lines.isEmpty()) {
            lines.add(new Cards.Line(
                    PrintWords.LAST_BEVEL.words(),
                    s.bevels().last() + " "
                            + held.tool().geometry().kind().convention().words(),
                    0));
        }
        List<String> notes = new ArrayList<>();
        s.bevels().back().ifPresent(b -> notes.add(PrintWords.BACK_BEVEL_OF.fill("angle", b)));
        s.camberBelowSole().ifPresent(c -> notes.add(PrintWords.CAMBER_OF.fill("camber", Numbers.plain(c.mm(), 3))));
        if (s.ink().degrees() != 0) {
            notes.add(PrintWords.MOVED_BY_INK.fill("ink", s.ink()));
        }
        setups.changes(setupId, 2).forEach(because -> notes.add("Changed: " + because + "."));
        return List.of(Cards.setup(held.tool().name(), s.name(), s.holderName(), lines, notes));
    }
}

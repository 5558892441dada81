package truekeen.core.template;

import java.util.ArrayList;
import java.util.List;
import truekeen.core.message.Checks;
import truekeen.core.message.InWords;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Numbers;
import truekeen.core.message.Refusal;
import truekeen.core.quantity.Angle;

/**
 * A stop board for a guide: lay the guide's front face against the front of the board and push the blade out to the
 * block of its angle. Block length is the guide's projection.
 */
public final class StopBoard {
    /** Lanes on a page, and the most that are asked for. */
    private static final int LANES = 5;

    private static final int MOST = 15;
    private static final double BLOCK = 18;

    private StopBoard() {}

    /**
     * One block.
     *
     * @param angle it holds
     * @param projectionMm its distance from the front of the board
     */
    public record Lane(Angle angle, double projectionMm) {}

    /**
     * The pages of a board.
     *
     * @param guide what the guide is called
     * @param lanes one to fifteen
     * @throws truekeen.core.message.RefusedException with none, too many, or one that does not fit a page
     */
    public static List<Page> pages(String guide, List<Lane> lanes) {
        Checks checks = new Checks();
        checks.require(!lanes.isEmpty(), () -> Refusal.of(MessageCode.EMPTY, "angles", "")
                .with("what", TemplateWords.AT_LEAST_ONE.words()));
        checks.require(lanes.size() <= MOST, () -> Refusal.of(MessageCode.TOO_MANY, "angles", lanes.size())
                .with("high", MOST)
                .with("what", TemplateWords.ANGLES_ON_A_BOARD.words()));
        double room = Page.A4_HEIGHT - 2 * Page.MARGIN - BLOCK - 60;
        lanes.forEach(
                l -> checks.within("angles", TemplateWords.A_PROJECTION.words(), l.projectionMm, 1, room, InWords.MM));
        checks.orThrow();
        List<Page> pages = new ArrayList<>();
        for (int from = 0; from < lanes.size(); from += LANES) {
            pages.add(page(guide, lanes.subList(from, Math.min(from + LANES, lanes.size()))));
        }
        return pages;
    }

    private static Page page(String guide, List<Lane> lanes) {
        Page.Pen pen = Page.Pen.a4("stop-board");
        double left = Page.MARGIN;
        double wide = (Page.A4_WIDTH - 2 * Page.MARGIN) / LANES;
        double front = 60;
        double deep = lanes.stream().mapToDouble(Lane::projectionMm).max().orElseThrow() + BLOCK + 6;
        pen.title(left, Page.A4_HEIGHT - Page.MARGIN - 6, 6, TemplateWords.STOP_BOARD_FOR.fill("guide", guide));
        pen.words(left, Page.A4_HEIGHT - Page.MARGIN - 13, 3.4, TemplateWords.STOP_BOARD_GLUE.words());
        pen.words(left, Page.A4_HEIGHT - Page.MARGIN - 18, 3.4, TemplateWords.STOP_BOARD_USE.words());
        pen.box("board", left, front, wide * lanes.size(), deep);
        pen.path(
                "front",
                false,
                0.9,
                false,
                new truekeen.core.section.Point(left, front),
                new truekeen.core.section.Point(left + wide * lanes.size(), front));
        for (int i = 0; i < lanes.size(); i++) {
            Lane lane = lanes.get(i);
            double x = left + i * wide;
            double stop = front + lane.projectionMm;
            pen.box("block " + Numbers.plain(lane.angle.degrees(), 2), x + 2, stop, wide - 4, BLOCK);
            pen.line("projection " + Numbers.plain(lane.angle.degrees(), 2), x + wide / 2, front, x + wide / 2, stop);
            pen.centred(x + wide / 2, stop + BLOCK / 2 + 1, 6, Numbers.plain(lane.angle.degrees(), 2) + "°");
            pen.centred(
                    x + wide / 2,
                    stop + 3,
                    3.2,
                    TemplateWords.STOP_AT.fill("projection", Numbers.plain(lane.projectionMm, 2)));
            if (i > 0) {
                pen.help(x, front, x, front + deep);
            }
        }
        pen.centred(left + wide * lanes.size() / 2, front - 5, 3.4, TemplateWords.STOP_BOARD_FRONT.words());
        return pen.checkBar(left, 30).done();
    }
}

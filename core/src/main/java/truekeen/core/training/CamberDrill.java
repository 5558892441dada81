package truekeen.core.training;

import java.util.List;
import java.util.SplittableRandom;
import truekeen.core.blade.VirtualBlade;
import truekeen.core.message.InWords;
import truekeen.core.message.Numbers;

/** The iron of a plane, dull and straight: give it a camber, its corners back and its centre sharp. */
final class CamberDrill extends Drill {
    private static final int PLACES = 5;
    private static final int CENTRE = 2;
    /** Of the camber at the corners, half-way out: that of an arc. */
    private static final double HALF_WAY = 0.25;

    private static final double HALF_WAY_OFF = 0.25;
    private static final int STROKES = 5;

    private final PracticeEdge edge;
    private final double wantedMm;
    private final double near;
    private int made;

    CamberDrill(int grade, SplittableRandom random) {
        places(PLACES);
        edge = PracticeEdge.iron(random);
        wantedMm = 0.03 + 0.01 * random.nextInt(4);
        near = 0.5 - 0.1 * grade;
        look();
    }

    @Override
    String situation() {
        return TrainingWords.CAMBER_SITUATION.fill(
                "edge", edge.lengthInWords(),
                "wanted", Numbers.plain(wantedMm, 2) + InWords.MM,
                "near", Numbers.plain(100 * near, 0));
    }

    @Override
    List<Act.Kind> controls() {
        return List.of(Act.Kind.STROKES, Act.Kind.DONE);
    }

    @Override
    Seen.Probe probe() {
        return new Seen.Probe(
                TrainingWords.STROKES_AT.fill("count", STROKES),
                TrainingWords.CATCHES.words(),
                TrainingWords.SMOOTH.words());
    }

    @Override
    void act(Act act) {
        if (act.kind() == Act.Kind.STROKES && act.place() >= 0 && act.place() < PLACES) {
            double wide = edge.lengthMm() / PLACES;
            double from = Math.max(0, (act.place() - 0.3) * wide);
            double to = Math.min(edge.lengthMm(), (act.place() + 1.3) * wide);
            edge.strokes(STROKES, from, to);
            made += STROKES;
            look();
            say(TrainingWords.STROKES_MADE.fill("count", made));
        } else if (act.kind() == Act.Kind.DONE) {
            finish();
        }
    }

    /** What a straight edge over the middle and a fingertip say at each place. */
    private void look() {
        for (int i = 0; i < PLACES; i++) {
            note(i, Numbers.plain(behindMm(i), 2) + InWords.MM);
            mark(i, edge.felt(i, PLACES));
        }
    }

    /** How far a place lies behind the centre (mm). */
    private double behindMm(int place) {
        return recessionMm(place) - recessionMm(CENTRE);
    }

    private double recessionMm(int place) {
        VirtualBlade blade = edge.blade();
        return blade.recessionMm((int) ((place + 0.5) * blade.stations() / PLACES));
    }

    private void finish() {
        boolean starved = !edge.felt(CENTRE, PLACES);
        double left = behindMm(0);
        double right = behindMm(PLACES - 1);
        boolean corners = Math.abs((left + right) / 2 - wantedMm) <= near * wantedMm;
        boolean alike = Math.abs(left - right) <= near * wantedMm;
        boolean arc = true;
        for (int place : new int[] {1, PLACES - 2}) {
            arc &= Math.abs(behindMm(place) - HALF_WAY * wantedMm) <= HALF_WAY_OFF * wantedMm + 0.5 * near * wantedMm;
        }
        String l = Numbers.plain(left, 3) + InWords.MM;
        String r = Numbers.plain(right, 3) + InWords.MM;
        end(
                !starved && corners && alike && arc && edge.feltAllAlong(),
                starved
                        ? TrainingWords.CAMBER_STARVED.words()
                        : !edge.feltAllAlong()
                                ? TrainingWords.CAMBER_NOT_REACHED.words()
                                : !alike
                                        ? TrainingWords.CAMBER_UNEQUAL.fill("left", l, "right", r)
                                        : !corners
                                                ? TrainingWords.CAMBER_OFF.fill("left", l, "right", r)
                                                : !arc
                                                        ? TrainingWords.CAMBER_NO_ARC.words()
                                                        : TrainingWords.CAMBER_RIGHT.fill(
                                                                "left", l, "right", r, "made", made));
    }
}

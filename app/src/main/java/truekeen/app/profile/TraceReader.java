package truekeen.app.profile;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import truekeen.app.platform.Form;
import truekeen.app.profile.ProfileRecords.OffsetForm;
import truekeen.app.profile.ProfileRecords.PixelForm;
import truekeen.app.profile.ProfileRecords.TraceForm;
import truekeen.core.message.InWords;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.profile.EdgeProfile;
import truekeen.core.profile.PhotoScale;
import truekeen.core.quantity.Length;
import truekeen.core.section.Point;

/** Reads a trace: from offsets, or from places on a photograph. */
final class TraceReader {
    final Form form = new Form();
    /** The scale of the photograph, once both marks and their distance are there. */
    final Optional<PhotoScale> scale;
    /** The curve, or null while something in it is wrong. */
    final EdgeProfile profile;

    TraceReader(TraceForm in) {
        boolean photo = !in.photoId().isEmpty();
        scale = photo ? scale(in) : Optional.empty();
        form.checks().text("person", ProfileWords.A_NAME.words(), in.person(), false, 80);
        int given = photo ? in.pixels().size() : in.offsets().size();
        form.checks().require(given <= EdgeProfile.MOST_POINTS, () -> Refusal.of(MessageCode.TOO_MANY, "points", given)
                .with("high", EdgeProfile.MOST_POINTS)
                .with("what", "points"));
        List<Point> points = !form.checks().clean()
                ? List.of()
                : photo
                        ? scale.map(s -> in.pixels().stream()
                                        .map(p -> s.onTool(new Point(p.x(), p.y())))
                                        .toList())
                                .orElse(List.of())
                        : offsets(in.offsets());
        profile = form.checks().clean() ? form.checks().attempt(() -> EdgeProfile.through(points)) : null;
    }

    private Optional<PhotoScale> scale(TraceForm in) {
        Length apart = form.length("apart", in.apart());
        if (in.marks().size() != 2) {
            form.checks()
                    .refuse(Refusal.of(
                                    MessageCode.PAIRS_MISSING,
                                    "marks",
                                    in.marks().size())
                            .with("low", 2));
            return Optional.empty();
        }
        if (apart == null) {
            return Optional.empty();
        }
        form.checks().within("apart", ProfileWords.MARKS_APART.words(), apart.mm(), 5, 2000, InWords.MM);
        return Optional.ofNullable(form.checks().attempt(() -> {
            PixelForm a = in.marks().get(0);
            PixelForm b = in.marks().get(1);
            return new PhotoScale(new Point(a.x(), a.y()), new Point(b.x(), b.y()), apart);
        }));
    }

    private List<Point> offsets(List<OffsetForm> typed) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < typed.size(); i++) {
            Length along = form.length("offsets[" + i + "].along", typed.get(i).along());
            Length offset =
                    form.length("offsets[" + i + "].offset", typed.get(i).offset());
            if (along != null && offset != null) {
                points.add(new Point(along.mm(), offset.mm()));
            }
        }
        return points;
    }
}

package truekeen.app.edgetest;

import java.util.ArrayList;
import java.util.List;
import truekeen.app.edgetest.TestRecords.ChosenForm;
import truekeen.core.fault.Diagnosis;
import truekeen.core.fault.Diagnosis.Finding;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.stepsheet.RemedySheet.Chosen;

/** Which remedies are accepted: those named, or the first of what is likeliest at each place. */
final class RemedyChoice {
    private RemedyChoice() {}

    static List<Chosen> read(Diagnosis diagnosis, List<ChosenForm> named) {
        if (named == null || named.isEmpty()) {
            return likeliest(diagnosis);
        }
        List<Chosen> chosen = new ArrayList<>();
        for (ChosenForm form : named) {
            boolean there =
                    form.finding() >= 0 && form.finding() < diagnosis.findings().size();
            Finding finding = there ? diagnosis.findings().get(form.finding()) : null;
            chosen.add(
                    finding == null
                            ? refuse(form)
                            : finding.remedies().stream()
                                    .filter(r -> r.key().equals(form.remedy()))
                                    .findFirst()
                                    .map(r -> new Chosen(finding, r))
                                    .orElseGet(() -> refuse(form)));
        }
        return chosen.stream().distinct().toList();
    }

    private static Chosen refuse(ChosenForm form) {
        throw new RefusedException(Refusal.of(MessageCode.NO_SUCH_REMEDY, "chosen", form.remedy()));
    }

    /** The likeliest first; what lies where a likelier one lies already is left. */
    static List<Chosen> likeliest(Diagnosis diagnosis) {
        List<Chosen> chosen = new ArrayList<>();
        for (Finding f : diagnosis.findings()) {
            boolean covered = chosen.stream()
                    .anyMatch(c -> c.finding().where().fromMm() <= f.where().toMm()
                            && f.where().fromMm() <= c.finding().where().toMm());
            if (!covered) {
                chosen.add(new Chosen(f, f.remedies().get(0)));
            }
        }
        return chosen;
    }
}

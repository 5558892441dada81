package truekeen.app.reference;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import truekeen.app.platform.Form;
import truekeen.app.reference.ReferenceRecords.CalculatorView;
import truekeen.app.reference.ReferenceRecords.EntryKind;
import truekeen.app.reference.ReferenceRecords.EntryLine;
import truekeen.app.reference.ReferenceRecords.EntryView;
import truekeen.app.reference.ReferenceRecords.ExampleView;
import truekeen.app.reference.ReferenceRecords.Figure;
import truekeen.app.reference.ReferenceRecords.InputView;
import truekeen.app.reference.ReferenceRecords.OptionView;
import truekeen.app.reference.ReferenceRecords.OutputView;
import truekeen.core.advice.Formula;
import truekeen.core.message.Numbers;
import truekeen.core.progression.ShelfRule;
import truekeen.core.reference.AnswerCurve;
import truekeen.core.reference.Calculator;
import truekeen.core.reference.Calculators;
import truekeen.core.reference.EverydayWords;
import truekeen.core.reference.RuleExamples;
import truekeen.core.reference.Typeset;
import truekeen.core.rule.HouseRule;

/** Writes the pages of the reference from what the core says of itself. */
@Service
class ReferenceService {
    private static final String PRIOR = ReferenceWords.WORKSHOP_PRIOR.words();

    List<EntryLine> all() {
        List<EntryLine> all = new ArrayList<>();
        for (Formula f : Formula.values()) {
            all.add(line(id(f), EntryKind.FORMULA, f.meaning(), f.expression(), f.symbols() + " " + titles(f)));
        }
        for (ShelfRule r : ShelfRule.values()) {
            all.add(line(id(r), EntryKind.SHELF_RULE, title(r), r.reason(), ""));
        }
        for (HouseRule r : HouseRule.values()) {
            all.add(line(
                    id(r),
                    EntryKind.HOUSE_RULE,
                    r.question(),
                    r.changes(),
                    r.options().stream().map(o -> o.words() + " " + o.why()).collect(Collectors.joining(" "))));
        }
        return all;
    }

    private static String titles(Formula f) {
        return Calculators.of(f).stream().map(Calculator::title).collect(Collectors.joining(" "));
    }

    private static EntryLine line(String id, EntryKind kind, String title, String summary, String more) {
        String words = title + " " + summary + " " + more;
        return new EntryLine(id, kind, title, summary, words + " " + EverydayWords.beside(words));
    }

    static String id(Formula f) {
        return f.name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
    }

    private static String id(ShelfRule r) {
        return "shelf-" + r.name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
    }

    private static String id(HouseRule r) {
        return "house-" + r.name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
    }

    private static String title(ShelfRule r) {
        return ReferenceWords.SHELF_RULE.fill("words", r.title());
    }

    EntryView page(String id) {
        for (Formula f : Formula.values()) {
            if (id(f).equals(id)) {
                return formula(f);
            }
        }
        for (ShelfRule r : ShelfRule.values()) {
            if (id(r).equals(id)) {
                return rule(
                        id,
                        EntryKind.SHELF_RULE,
                        title(r),
                        ReferenceWords.KEEPS_FROM_A_JOB.fill("reason", r.reason()),
                        List.of(),
                        RuleExamples.of(r));
            }
        }
        HouseRule house = Arrays.stream(HouseRule.values())
                .filter(r -> id(r).equals(id))
                .findFirst()
                .orElseThrow(() -> Form.notFound("page", id));
        return rule(
                id,
                EntryKind.HOUSE_RULE,
                house.question(),
                house.changes(),
                house.options().stream()
                        .map(o -> new OptionView(o.words(), o.why(), o.equals(house.usual())))
                        .toList(),
                RuleExamples.of(house));
    }

    private static EntryView rule(
            String id,
            EntryKind kind,
            String title,
            String meaning,
            List<OptionView> options,
            List<RuleExamples.Line> lines) {
        List<ExampleView> examples = lines.isEmpty()
                ? List.of()
                : List.of(new ExampleView(
                        ReferenceWords.TRIED_JUST_NOW.words(),
                        List.of(),
                        lines.stream()
                                .map(l -> new Figure("", l.given(), l.result()))
                                .toList()));
        return new EntryView(id, kind, title, meaning, "", "", "", "", PRIOR, options, examples, List.of());
    }

    private static EntryView formula(Formula f) {
        List<Calculator> calculators = Calculators.of(f);
        return new EntryView(
                id(f),
                EntryKind.FORMULA,
                f.meaning(),
                "",
                f.expression(),
                Typeset.tex(f),
                f.symbols(),
                f.limits(),
                f.source(),
                List.of(),
                calculators.stream().map(ReferenceService::example).toList(),
                calculators.stream().map(ReferenceService::view).toList());
    }

    private static ExampleView example(Calculator c) {
        Map<String, Object> given = c.example();
        Map<String, Object> results = c.ask(given);
        return new ExampleView(
                c.title(),
                c.inputs().stream()
                        .filter(i -> given.containsKey(i.name()))
                        .map(i -> new Figure(i.name(), i.meaning(), shown(given.get(i.name()), i.unit())))
                        .toList(),
                c.outputs().stream()
                        .map(o -> new Figure(o.name(), o.meaning(), shown(results.get(o.name()), o.unit())))
                        .toList());
    }

    static CalculatorView view(Calculator c) {
        return new CalculatorView(
                c.id(),
                c.title(),
                id(c.formula()),
                c.inputs().stream()
                        .map(i -> new InputView(
                                i.name(),
                                i.meaning(),
                                i.kind(),
                                i.unit(),
                                i.low(),
                                i.high(),
                                i.needed(),
                                i.choices(),
                                i.example() == null ? "" : shown(i.example(), "")))
                        .toList(),
                c.outputs().stream()
                        .map(o -> new OutputView(o.name(), o.meaning(), o.unit(), o.list()))
                        .toList(),
                AnswerCurve.movable(c).stream().map(Calculator.Input::name).toList());
    }

    private static String shown(Object value, String unit) {
        String behind = unit.isEmpty() || unit.equals("°") ? unit : " " + unit;
        if (value instanceof Double number) {
            return Numbers.plain(number, digits(number)) + behind;
        }
        if (value instanceof List<?> list) {
            return list.stream().map(v -> shown(v, "")).collect(Collectors.joining(", ")) + behind;
        }
        return value == null ? "none" : value.toString();
    }

    private static int digits(double number) {
        double size = Math.abs(number);
        return size >= 100 ? 1 : size >= 1 ? 3 : 5;
    }
}

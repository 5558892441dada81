package truekeen.app.day;

import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import truekeen.app.day.DayRecords.DayForm;
import truekeen.app.day.DayRecords.WantedForm;
import truekeen.app.day.DayRecords.WorkerForm;
import truekeen.app.platform.Form;
import truekeen.core.message.Checks;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.quantity.QuantityReader;

/** Reads what is wanted of a day, collecting every fault. */
final class DayReader {
    private static final DateTimeFormatter HOURS = DateTimeFormatter.ofPattern("H[:mm]");
    private static final DateTimeFormatter SHOWN = DateTimeFormatter.ofPattern("HH:mm");
    private static final int LONGEST_NAME = 80;
    private static final int MOST_PEOPLE = 6;
    private static final int MOST_TOOLS = 60;
    private static final double MOST_LONGER = 10;
    /** A day (min): what lies longer is not of this day. */
    private static final double LONGEST_REST = 24 * 60;

    private final Checks checks = new Checks();

    DayWishes read(DayForm in) {
        List<WorkerForm> typed =
                in.people().isEmpty() ? List.of(new WorkerForm(DayWords.SOMEBODY.words(), "")) : in.people();
        List<DayWishes.Worker> people = people(typed);
        String readyBy = time("readyBy", in.readyBy(), true).orElse("");
        List<DayWishes.Wanted> tools = tools(in.tools());
        checks.orThrow();
        return new DayWishes(people, readyBy, tools);
    }

    private List<DayWishes.Worker> people(List<WorkerForm> typed) {
        if (typed.size() > MOST_PEOPLE) {
            checks.refuse(Refusal.of(MessageCode.TOO_MANY, "people", typed.size())
                    .with("what", DayWords.PEOPLE.words())
                    .with("high", MOST_PEOPLE));
        }
        List<DayWishes.Worker> people = new ArrayList<>();
        Set<String> names = new HashSet<>();
        for (int i = 0; i < typed.size(); i++) {
            String field = "people[" + i + "].name";
            String name = Form.orEmpty(typed.get(i).name());
            checks.text(field, DayWords.A_NAME.words(), name, true, LONGEST_NAME);
            if (!names.add(name)) {
                checks.refuse(Refusal.of(MessageCode.NAME_TAKEN, field, name).with("what", DayWords.PERSON.words()));
            }
            people.add(new DayWishes.Worker(
                    name, time("people[" + i + "].begins", typed.get(i).begins(), false)));
        }
        return people;
    }

    private List<DayWishes.Wanted> tools(List<WantedForm> typed) {
        if (typed.isEmpty()) {
            checks.refuse(Refusal.of(MessageCode.EMPTY, "tools", "").with("what", DayWords.A_TOOL.words()));
        }
        if (typed.size() > MOST_TOOLS) {
            checks.refuse(Refusal.of(MessageCode.TOO_MANY, "tools", typed.size())
                    .with("what", DayWords.TOOLS.words())
                    .with("high", MOST_TOOLS));
        }
        List<DayWishes.Wanted> tools = new ArrayList<>();
        Set<UUID> there = new HashSet<>();
        for (int i = 0; i < typed.size(); i++) {
            WantedForm t = typed.get(i);
            String at = "tools[" + i + "]";
            if (t.tool() == null || !there.add(t.tool())) {
                continue;
            }
            tools.add(new DayWishes.Wanted(
                    t.tool(),
                    time(at + ".by", t.by(), false),
                    longer(at + ".longer", t.longer()),
                    rests(at + ".rests", t.rests()),
                    t.first(),
                    Optional.ofNullable(t.after())));
        }
        return tools;
    }

    private double longer(String field, String typed) {
        if (Form.blank(typed)) {
            return 1;
        }
        Double factor = checks.attempt(() -> QuantityReader.number(field, typed, ""));
        checks.within(field, DayWords.A_FACTOR.words(), factor, 0.1, MOST_LONGER, "");
        return factor == null ? 1 : factor;
    }

    private int rests(String field, String typed) {
        if (Form.blank(typed)) {
            return 0;
        }
        Double minutes = checks.attempt(() -> QuantityReader.number(field, typed, ""));
        checks.within(field, DayWords.A_REST.words(), minutes, 0, LONGEST_REST, "");
        return minutes == null ? 0 : (int) Math.round(minutes);
    }

    private Optional<String> time(String field, String typed, boolean needed) {
        if (Form.blank(typed)) {
            if (needed) {
                checks.refuse(Refusal.of(MessageCode.EMPTY, field, "").with("what", DayWords.A_TIME.words()));
            }
            return Optional.empty();
        }
        try {
            return Optional.of(
                    LocalTime.parse(typed.strip().replace('.', ':'), HOURS).format(SHOWN));
        } catch (DateTimeParseException e) {
            checks.refuse(Refusal.of(MessageCode.NO_TIME_OF_DAY, field, typed));
            return Optional.empty();
        }
    }
}

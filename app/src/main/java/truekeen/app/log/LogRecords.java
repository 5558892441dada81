package truekeen.app.log;

import java.util.List;
import truekeen.app.angle.AngleRecords.SetupView;
import truekeen.app.balance.BalanceRecords.TryView;
import truekeen.app.bench.BenchRecords.SessionSummary;
import truekeen.app.edgetest.TestRecords.TestView;
import truekeen.app.machine.MachineRecords.InspectionView;
import truekeen.app.machine.MachineRecords.IsolationView;
import truekeen.app.machine.MachineRecords.RunView;
import truekeen.app.survey.SurveyRecords.SurveyView;
import truekeen.app.tool.ToolRecords.ToolView;

/** What the log shows and writes out. */
public final class LogRecords {
    private LogRecords() {}

    /** One line of the history: when, what kind, a title, and what there is to say. */
    public record Entry(String at, String kind, String title, List<String> lines) {}

    /** Usable length after an event (mm). */
    public record SteelPoint(String at, double usableMm) {}

    /** A tool's history, newest first. */
    public record LogView(
            List<Entry> entries,
            List<SteelPoint> steel,
            double retireMm,
            List<TestView> tests,
            List<SessionSummary> sessions) {}

    /** A history to read in. */
    public record LogCsvForm(String text) {}

    /** What came of reading one in: lines put down, and lines that were there already. */
    public record LogImport(int added, int known) {}

    /** What a session took off (mm). */
    public record WearView(String at, double usableBeforeMm, double usableAfterMm, double secondaryWidthMm) {}

    /**
     * A tool written out.
     *
     * @param format name and version of this format
     */
    public record Export(
            String format,
            String writtenAt,
            ToolView tool,
            List<SurveyView> surveys,
            List<SetupView> setups,
            List<SessionSummary> sessions,
            List<TestView> tests,
            List<WearView> wear,
            List<IsolationView> isolated,
            List<InspectionView> inspected,
            List<TryView> balance,
            List<RunView> hours) {}
}

package truekeen.app.bench;

import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import truekeen.app.bench.BenchRecords.AtBench;
import truekeen.app.bench.BenchRecords.BenchTimesView;
import truekeen.app.bench.BenchRecords.DeviceForm;
import truekeen.app.bench.BenchRecords.EventsForm;
import truekeen.app.bench.BenchRecords.FinishForm;
import truekeen.app.bench.BenchRecords.LateForm;
import truekeen.app.bench.BenchRecords.OpenSession;
import truekeen.app.bench.BenchRecords.SessionView;
import truekeen.app.bench.BenchRecords.StartForm;
import truekeen.app.bench.BenchRecords.TimerForm;
import truekeen.app.platform.HarmlessTwice;
import truekeen.app.platform.SectionView;
import truekeen.app.tool.ToolService;

@RestController
@RequestMapping("/api/v1")
class BenchController {
    private final BenchService bench;
    private final SessionReadings readings;
    private final TimerService timers;
    private final ToolService tools;

    BenchController(BenchService bench, SessionReadings readings, TimerService timers, ToolService tools) {
        this.bench = bench;
        this.readings = readings;
        this.timers = timers;
        this.tools = tools;
    }

    @PostMapping("/tools/{id}/sessions")
    SessionView start(@PathVariable UUID id, @RequestBody StartForm form) {
        return bench.session(bench.start(id, form), form.device());
    }

    @GetMapping("/tools/{id}/session")
    OpenSession open(@PathVariable UUID id) {
        tools.name(id);
        return new OpenSession(
                bench.open(id).map(BenchService.RunningSession::id).orElse(null));
    }

    @GetMapping("/sessions")
    List<AtBench> open(@RequestParam(defaultValue = "") String device) {
        return readings.atBench(device);
    }

    @GetMapping("/sessions/{id}/section")
    SectionView section(@PathVariable UUID id) {
        return readings.section(id);
    }

    @GetMapping("/timers")
    BenchTimesView timers() {
        return timers.all();
    }

    @PostMapping("/timers")
    BenchTimesView start(@RequestBody TimerForm form) {
        return timers.start(form);
    }

    @DeleteMapping("/timers/{id}")
    BenchTimesView stop(@PathVariable UUID id) {
        return timers.stop(id);
    }

    @GetMapping("/sessions/{id}")
    SessionView session(@PathVariable UUID id, @RequestParam(defaultValue = "") String device) {
        return bench.session(id, device);
    }

    @HarmlessTwice
    @PostMapping("/sessions/{id}/events")
    SessionView add(@PathVariable UUID id, @RequestBody EventsForm form) {
        return bench.add(id, form);
    }

    @PostMapping("/sessions/{id}/takeover")
    SessionView takeOver(@PathVariable UUID id, @RequestBody DeviceForm form) {
        return bench.takeOver(id, form.device(), form.person());
    }

    @PostMapping("/sessions/{id}/late")
    SessionView late(@PathVariable UUID id, @RequestBody LateForm form) {
        return bench.late(id, form.device(), form.person(), form.add());
    }

    @PostMapping("/sessions/{id}/finish")
    SessionView finish(@PathVariable UUID id, @RequestBody FinishForm form) {
        bench.close(id, form.device());
        return bench.session(id, form.device());
    }
}

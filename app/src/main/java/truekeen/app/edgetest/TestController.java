package truekeen.app.edgetest;

import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import truekeen.app.bench.BenchRecords.SessionView;
import truekeen.app.bench.BenchService;
import truekeen.app.edgetest.TestRecords.BackForm;
import truekeen.app.edgetest.TestRecords.TestForm;
import truekeen.app.edgetest.TestRecords.TestSheet;
import truekeen.app.edgetest.TestRecords.TestView;
import truekeen.app.edgetest.TestRecords.WorkToPlan;

@RestController
@RequestMapping("/api/v1")
class TestController {
    private final TestService tests;
    private final BenchService bench;
    private final WorkAsked work;

    TestController(TestService tests, BenchService bench, WorkAsked work) {
        this.tests = tests;
        this.bench = bench;
        this.work = work;
    }

    @GetMapping("/tools/{id}/test")
    TestSheet sheet(@PathVariable UUID id) {
        return tests.sheet(id);
    }

    @PostMapping("/sessions/{id}/tests")
    TestView take(@PathVariable UUID id, @RequestBody TestForm form) {
        return tests.take(id, form);
    }

    @PostMapping("/tests/{id}/plan-work")
    WorkToPlan planWork(@PathVariable UUID id, @RequestBody BackForm form) {
        return work.plan(id, form);
    }

    @PostMapping("/tests/{id}/go-back")
    SessionView goBack(@PathVariable UUID id, @RequestBody BackForm form) {
        return bench.session(tests.goBack(id, form), form.device());
    }
}

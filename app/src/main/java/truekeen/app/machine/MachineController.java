package truekeen.app.machine;

import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import truekeen.app.machine.MachineRecords.BladeForm;
import truekeen.app.machine.MachineRecords.HoursForm;
import truekeen.app.machine.MachineRecords.InspectionForm;
import truekeen.app.machine.MachineRecords.InspectionView;
import truekeen.app.machine.MachineRecords.IsolationForm;
import truekeen.app.machine.MachineRecords.LiftForm;
import truekeen.app.machine.MachineRecords.MachineState;

@RestController
@RequestMapping("/api/v1/tools/{id}")
class MachineController {
    private final MachineService machines;
    private final InspectionService inspections;
    private final HoursService hours;

    MachineController(MachineService machines, InspectionService inspections, HoursService hours) {
        this.machines = machines;
        this.inspections = inspections;
        this.hours = hours;
    }

    @GetMapping("/machine")
    MachineState machine(@PathVariable UUID id) {
        return machines.state(id);
    }

    @PutMapping("/machine")
    MachineState belongsTo(@PathVariable UUID id, @RequestBody BladeForm form) {
        return machines.belongsTo(id, form);
    }

    @PostMapping("/isolation")
    MachineState isolate(@PathVariable UUID id, @RequestBody IsolationForm form) {
        return machines.isolate(id, form);
    }

    @PostMapping("/isolation/lift")
    MachineState lift(@PathVariable UUID id, @RequestBody LiftForm form) {
        return machines.lift(id, form);
    }

    @PostMapping("/inspection/preview")
    InspectionView judge(@PathVariable UUID id, @RequestBody InspectionForm form) {
        return inspections.preview(id, form);
    }

    @PostMapping("/inspection")
    MachineState inspect(@PathVariable UUID id, @RequestBody InspectionForm form) {
        inspections.keep(id, form);
        return machines.state(id);
    }

    @PostMapping("/hours")
    MachineState hours(@PathVariable UUID id, @RequestBody HoursForm form) {
        hours.add(id, form);
        return machines.state(id);
    }
}

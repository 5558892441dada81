package truekeen.app.kit;

import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import truekeen.app.kit.HolderRecords.CalibrationForm;
import truekeen.app.kit.HolderRecords.CalibrationView;
import truekeen.app.kit.HolderRecords.ChangedView;
import truekeen.app.kit.HolderRecords.HolderForm;
import truekeen.app.kit.HolderRecords.HolderView;
import truekeen.app.kit.HolderRecords.TaughtForm;
import truekeen.app.kit.HolderRecords.TruingForm;
import truekeen.app.kit.HolderRecords.WheelForm;
import truekeen.app.kit.HolderRecords.WheelView;

@RestController
@RequestMapping("/api/v1/kit")
class HolderController {
    private final HolderService holders;
    private final HolderTeaching teaching;
    private final WheelService wheels;

    HolderController(HolderService holders, WheelService wheels, HolderTeaching teaching) {
        this.teaching = teaching;
        this.holders = holders;
        this.wheels = wheels;
    }

    @GetMapping("/holders/{id}")
    HolderView holder(@PathVariable UUID id) {
        return holders.one(id);
    }

    @PostMapping("/holders")
    HolderView addHolder(@RequestBody HolderForm form) {
        return holders.add(form);
    }

    @PostMapping("/holders/taught")
    HolderView teach(@RequestBody TaughtForm form) {
        return teaching.teach(form);
    }

    @PostMapping("/holders/taught/preview")
    CalibrationView tryTeaching(@RequestBody TaughtForm form) {
        return teaching.tryTeaching(form);
    }

    @PutMapping("/holders/{id}")
    ChangedView changeHolder(@PathVariable UUID id, @RequestBody HolderForm form) {
        return holders.change(id, form);
    }

    @PostMapping("/holders/{id}/calibration/preview")
    CalibrationView tryPairs(@PathVariable UUID id, @RequestBody CalibrationForm form) {
        return holders.tryPairs(id, form);
    }

    @PostMapping("/holders/{id}/calibration")
    ChangedView calibrate(@PathVariable UUID id, @RequestBody CalibrationForm form) {
        return holders.calibrate(id, form);
    }

    @PostMapping("/wheels")
    WheelView addWheel(@RequestBody WheelForm form) {
        return wheels.add(form);
    }

    @PutMapping("/wheels/{id}")
    ChangedView changeWheel(@PathVariable UUID id, @RequestBody WheelForm form) {
        return wheels.change(id, form);
    }

    @PostMapping("/wheels/{id}/truings")
    ChangedView trued(@PathVariable UUID id, @RequestBody TruingForm form) {
        return wheels.trued(id, form);
    }
}

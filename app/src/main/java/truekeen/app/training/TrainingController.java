package truekeen.app.training;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import truekeen.app.platform.HarmlessTwice;
import truekeen.app.training.TrainingRecords.RoundForm;
import truekeen.app.training.TrainingRecords.RoundView;
import truekeen.app.training.TrainingRecords.TrainingView;
import truekeen.core.training.Exercise;

@RestController
@RequestMapping("/api/v1/training")
class TrainingController {
    private final TrainingService training;

    TrainingController(TrainingService training) {
        this.training = training;
    }

    @GetMapping
    TrainingView training(@RequestParam(defaultValue = "") String person) {
        return training.training(person);
    }

    @HarmlessTwice
    @PostMapping("/{exercise}")
    RoundView round(@PathVariable Exercise exercise, @RequestBody RoundForm in) {
        return training.round(exercise, in);
    }
}

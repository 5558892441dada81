package truekeen.app.device;

import io.swagger.v3.oas.annotations.Hidden;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import truekeen.app.device.DeviceRecords.DeviceView;
import truekeen.app.device.DeviceRecords.TakenReading;
import truekeen.app.platform.HarmlessTwice;

@RestController
@RequestMapping("/api/v1/devices")
class DeviceController {
    private final DeviceService devices;

    DeviceController(DeviceService devices) {
        this.devices = devices;
    }

    @GetMapping
    List<DeviceView> all() {
        return devices.all();
    }

    /** Server-sent events, each with what {@link #all()} gives: no request and answer, so not in the description. */
    @Hidden
    @GetMapping(path = "/stream", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter stream() {
        return devices.watch();
    }

    @HarmlessTwice
    @PostMapping("/{kind}/take")
    TakenReading take(@PathVariable String kind, @RequestParam(defaultValue = "-1") long seen) {
        return devices.take(kind, seen);
    }
}

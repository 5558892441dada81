package truekeen.app.profile;

import java.io.IOException;
import java.io.InputStream;
import java.util.UUID;
import org.springframework.core.io.InputStreamResource;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import truekeen.app.profile.ProfileRecords.ComparisonView;
import truekeen.app.profile.ProfileRecords.PhotoView;
import truekeen.app.profile.ProfileRecords.ProfileView;
import truekeen.app.profile.ProfileRecords.TraceForm;
import truekeen.app.profile.ProfileRecords.TracePreview;
import truekeen.app.profile.ProfileRecords.TraceView;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;

@RestController
@RequestMapping("/api/v1/tools/{id}")
class ProfileController {
    /** Most bytes of a photograph that are read, whatever its sender said it would be. */
    static final int MOST_BYTES = 12_000_000;

    private final ProfileService profiles;

    ProfileController(ProfileService profiles) {
        this.profiles = profiles;
    }

    @GetMapping("/profile")
    ProfileView profile(@PathVariable UUID id) {
        return profiles.profile(id);
    }

    @PostMapping(value = "/photos", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    PhotoView photo(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String person,
            @RequestBody(required = false) InputStreamResource body)
            throws IOException {
        byte[] sent = new byte[0];
        if (body != null) {
            try (InputStream in = body.getInputStream()) {
                sent = in.readNBytes(MOST_BYTES + 1);
            }
        }
        if (sent.length > MOST_BYTES) {
            throw new RefusedException(Refusal.of(MessageCode.BODY_TOO_LARGE, "photo", "more")
                    .with("high", MOST_BYTES / 1_000_000 + " MB"));
        }
        return profiles.add(id, sent, person.length() > 80 ? person.substring(0, 80) : person);
    }

    @GetMapping(value = "/photos/{photoId}", produces = MediaType.IMAGE_JPEG_VALUE)
    ResponseEntity<byte[]> picture(@PathVariable UUID id, @PathVariable UUID photoId) {
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noStore())
                .contentType(MediaType.IMAGE_JPEG)
                .body(profiles.picture(id, photoId));
    }

    @DeleteMapping("/photos/{photoId}")
    ProfileView removePhoto(@PathVariable UUID id, @PathVariable UUID photoId) {
        return profiles.removePhoto(id, photoId);
    }

    @PostMapping("/traces/preview")
    TracePreview preview(@PathVariable UUID id, @RequestBody TraceForm form) {
        return profiles.preview(id, form);
    }

    @PostMapping("/traces")
    TraceView keep(@PathVariable UUID id, @RequestBody TraceForm form) {
        return profiles.keep(id, form);
    }

    @DeleteMapping("/traces/{traceId}")
    ProfileView removeTrace(@PathVariable UUID id, @PathVariable UUID traceId) {
        return profiles.removeTrace(id, traceId);
    }

    @GetMapping("/traces/{traceId}/over/{beforeId}")
    ComparisonView compare(@PathVariable UUID id, @PathVariable UUID traceId, @PathVariable UUID beforeId) {
        return profiles.compare(id, beforeId, traceId);
    }
}

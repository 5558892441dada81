package truekeen.app.profile;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

@Entity
@Table(name = "photo")
class PhotoRow {
    @Id
    UUID id;

    UUID toolId;
    Instant takenAt;
    String person;
    int widthPx;
    int heightPx;
    byte[] jpeg;

    protected PhotoRow() {}

    PhotoRow(UUID toolId, Instant takenAt, String person, PhotoReader.Made made) {
        this.id = UUID.randomUUID();
        this.toolId = toolId;
        this.takenAt = takenAt;
        this.person = person;
        this.widthPx = made.width();
        this.heightPx = made.height();
        this.jpeg = made.jpeg();
    }
}

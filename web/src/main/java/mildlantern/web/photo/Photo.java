package mildlantern.web.photo;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import java.time.LocalDate;
import java.util.UUID;
import mildlantern.plant.PlantId;
import mildlantern.web.log.LogLine;
import mildlantern.web.plant.Plant;
import mildlantern.web.platform.EntryId;
import mildlantern.web.platform.Row;
import org.jspecify.annotations.NullUnmarked;

/** A photo of a plant, already scaled and stripped of what the camera wrote into it. */
@Entity
@NullUnmarked
class Photo extends Row {
    @Column(name = "plant_id")
    private PlantId plant;

    private LocalDate takenOn;
    private String caption;
    private String mediaType;
    private byte[] bytes;
    private byte[] thumbnail;

    @Column(name = "happening_id")
    private EntryId happening;

    protected Photo() {}

    Photo(Plant plant, LocalDate takenOn, String caption, byte[] bytes) {
        super(UUID.randomUUID(), plant.collection());
        this.plant = plant.id();
        this.takenOn = takenOn;
        this.caption = caption;
        this.mediaType = "image/jpeg";
        this.bytes = bytes.clone();
    }

    /** A small one for lists. */
    Photo small(byte[] smaller) {
        this.thumbnail = smaller.clone();
        return this;
    }

    /** The entry of the log that says it was taken. */
    Photo loggedAs(LogLine entry) {
        this.happening = entry.id();
        return this;
    }

    byte[] bytes() {
        return bytes.clone();
    }

    public PhotoId id() {
        return new PhotoId(key());
    }
}

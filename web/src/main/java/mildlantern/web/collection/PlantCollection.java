package mildlantern.web.collection;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.OffsetDateTime;
import java.util.UUID;
import mildlantern.treatment.Style;
import mildlantern.web.platform.Stored;
import org.jspecify.annotations.NullUnmarked;

/** A collection of plants, kept by one grower or a few. */
@Entity
@Table(name = "collection")
@NullUnmarked
public class PlantCollection extends Stored {
    private String name;
    private String hemisphere;

    @Enumerated(EnumType.STRING)
    private Style style = Style.WASH;

    private OffsetDateTime createdAt;

    protected PlantCollection() {}

    PlantCollection(UUID id, String name, String hemisphere, OffsetDateTime createdAt) {
        super(id);
        this.name = name;
        this.hemisphere = hemisphere;
        this.createdAt = createdAt;
    }

    String name() {
        return name;
    }

    Style style() {
        return style;
    }

    void prefer(Style newStyle) {
        style = newStyle;
    }

    boolean south() {
        return "south".equals(hemisphere);
    }
}

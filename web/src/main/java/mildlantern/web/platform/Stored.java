package mildlantern.web.platform;

import jakarta.persistence.Id;
import jakarta.persistence.MappedSuperclass;
import jakarta.persistence.PostLoad;
import jakarta.persistence.PostPersist;
import jakarta.persistence.Transient;
import java.util.UUID;
import org.jspecify.annotations.NullUnmarked;
import org.springframework.data.domain.Persistable;

/** Something stored, with an id of its own that it is given when it is made. */
@MappedSuperclass
@NullUnmarked
public abstract class Stored implements Persistable<UUID> {
    @Id
    private UUID id;

    @Transient
    private boolean stored;

    protected Stored() {}

    protected Stored(UUID id) {
        this.id = id;
    }

    @Override
    public UUID getId() {
        return id;
    }

    /** The key of its row; rooms give it out as an id of its own kind. */
    public UUID key() {
        return id;
    }

    @Override
    public boolean isNew() {
        return !stored;
    }

    @PostLoad
    @PostPersist
    void markStored() {
        stored = true;
    }
}

package mildlantern.web.account;

import jakarta.persistence.Entity;
import java.time.OffsetDateTime;
import java.util.UUID;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.Row;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.NullUnmarked;

/** Somebody who signs in, to one collection. */
@Entity
@NullUnmarked
class Member extends Row {
    private String signIn;
    private String name;
    private String passwordHash;
    private OffsetDateTime createdAt;

    @JdbcTypeCode(SqlTypes.JSON)
    private ReaderSettings.Stored settings = ReaderSettings.Stored.of(ReaderSettings.USUAL);

    protected Member() {}

    Member(CollectionId collection, String signIn, String name, String passwordHash, OffsetDateTime createdAt) {
        super(UUID.randomUUID(), collection);
        this.signIn = signIn;
        this.name = name;
        this.passwordHash = passwordHash;
        this.createdAt = createdAt;
    }

    void passwordIs(String hash) {
        this.passwordHash = hash;
    }

    String signIn() {
        return signIn;
    }

    String name() {
        return name;
    }

    ReaderSettings settings() {
        return ReaderSettings.of(settings);
    }

    void like(ReaderSettings liked) {
        settings = ReaderSettings.Stored.of(liked);
    }

    String passwordHash() {
        return passwordHash;
    }
}

package mildlantern.web.account;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.UUID;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.Row;
import mildlantern.web.role.Role;
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

    @Enumerated(EnumType.STRING)
    private Role role;

    private LocalDate until;
    private String mail;
    private boolean morning;
    private LocalDate mailedOn;
    private String calendar;

    @JdbcTypeCode(SqlTypes.JSON)
    private ReaderSettings.Stored settings = ReaderSettings.Stored.of(ReaderSettings.USUAL);

    protected Member() {}

    Member(
            CollectionId collection,
            String signIn,
            String name,
            String passwordHash,
            Role role,
            LocalDate until,
            OffsetDateTime createdAt) {
        super(UUID.randomUUID(), collection);
        this.signIn = signIn;
        this.name = name;
        this.passwordHash = passwordHash;
        this.role = role;
        this.until = until;
        this.createdAt = createdAt;
    }

    void passwordIs(String hash) {
        this.passwordHash = hash;
    }

    /** May do from now on what a role lets do, until a day; null for good. */
    void mayDo(Role other, LocalDate day) {
        this.role = other;
        this.until = day;
    }

    /** Is called so from now on, and mail goes there; null where none is to. */
    void isCalled(String other, String address, boolean everyMorning) {
        this.name = other;
        this.mail = address;
        this.morning = everyMorning;
    }

    void mailedOn(LocalDate day) {
        this.mailedOn = day;
    }

    void calendarIs(String secret) {
        this.calendar = secret;
    }

    UUID id() {
        return key();
    }

    Role role() {
        return role;
    }

    LocalDate until() {
        return until;
    }

    /** Whether somebody still belongs to the collection on a day. */
    boolean belongs(LocalDate day) {
        return until == null || !day.isAfter(until);
    }

    String mail() {
        return mail;
    }

    boolean morning() {
        return morning;
    }

    LocalDate mailedOn() {
        return mailedOn;
    }

    String calendar() {
        return calendar;
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

package mildlantern.web.treatment;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import mildlantern.plant.PlantId;
import mildlantern.quarantine.Contact;
import mildlantern.quarantine.Quarantine;
import mildlantern.web.platform.CourseId;
import mildlantern.web.platform.Row;
import org.jspecify.annotations.NullUnmarked;

/** A plant that stood near enough to have caught something: noted when it touched, and asked to be looked at on the round. */
@Entity
@NullUnmarked
class ContactLook extends Row {
    @Column(name = "course_id", updatable = false)
    private CourseId course;

    @Column(name = "plant_id", updatable = false)
    private PlantId plant;

    @Enumerated(EnumType.STRING)
    private Quarantine.Nearness nearness;

    private int days;
    private LocalDate askedOn;

    protected ContactLook() {}

    ContactLook(StoredCourse course, Contact contact) {
        super(UUID.randomUUID(), course.collection());
        this.course = course.id();
        this.plant = contact.plant();
        this.nearness = contact.nearness();
        this.days = contact.days();
    }

    /** Asks for a look, once. */
    void ask(LocalDate day) {
        askedOn = askedOn == null ? day : askedOn;
    }

    CourseId course() {
        return course;
    }

    PlantId plant() {
        return plant;
    }

    Quarantine.Nearness nearness() {
        return nearness;
    }

    int days() {
        return days;
    }

    /** The day on which a look was asked for, if one was. */
    Optional<LocalDate> askedOn() {
        return Optional.ofNullable(askedOn);
    }
}

package mildlantern.web.treatment;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import mildlantern.knowledge.DisorderId;
import mildlantern.plant.PlantId;
import mildlantern.treatment.Course;
import mildlantern.treatment.Style;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.CourseId;
import mildlantern.web.platform.Row;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.NullUnmarked;

/** A course as it is kept: what it is against, what it uses, what the clock said. Its steps are rows of their own. */
@Entity
@Table(name = "course")
@NullUnmarked
class StoredCourse extends Row {
    /** How far a course has come. */
    enum State {
        RUNNING,
        ENDED,
        RELEASED
    }

    @Column(name = "case_id")
    private CaseId troubleCase;

    @Column(name = "plant_id")
    private PlantId plant;

    private DisorderId disorder;

    @Enumerated(EnumType.STRING)
    private Style style;

    private LocalDate startedOn;
    private boolean severe;
    private Double counted;
    private double coverage;

    @JdbcTypeCode(SqlTypes.JSON)
    private List<String> uses;

    private String beside;
    private String clean;
    private int intervalDays;
    private Double risk;
    private Boolean ends;
    private Integer plannedUses;
    private Double riskOfOne;
    private Integer slowInterval;
    private Double riskSlow;
    private Double doublingDays;
    private String hiddenStage;
    private String noCure;
    private String cost;

    @JdbcTypeCode(SqlTypes.JSON)
    private List<Course.Weighed> weighed;

    private LocalDate lastFind;

    /** The first day on which it can have been there, as it was reckoned when it was found. */
    private LocalDate thereSince;

    @Enumerated(EnumType.STRING)
    private State state = State.RUNNING;

    private LocalDate endedOn;

    @Version
    private Long version;

    protected StoredCourse() {}

    StoredCourse(
            CollectionId collection,
            CaseId troubleCase,
            PlantId plant,
            Course course,
            boolean severe,
            Double counted,
            double coverage,
            LocalDate thereSince) {
        super(UUID.randomUUID(), collection);
        this.troubleCase = troubleCase;
        this.plant = plant;
        this.disorder = course.disorder();
        this.severe = severe;
        this.counted = counted;
        this.coverage = coverage;
        this.lastFind = course.from();
        this.thereSince = thereSince;
        planned(course);
    }

    /** Takes over a plan: the first one, or one made anew. */
    final void planned(Course course) {
        style = course.choice().style();
        startedOn = course.from();
        uses = course.choice().uses();
        beside = course.choice().beside().orElse(null);
        clean = course.choice().clean().orElse(null);
        intervalDays = course.choice().intervalDays();
        course.forecast().ifPresent(forecast -> {
            risk = forecast.risk();
            ends = forecast.ends();
            plannedUses = forecast.applications();
            riskOfOne = forecast.riskOfOne();
            slowInterval = forecast.slowInterval();
            riskSlow = forecast.riskSlow();
            doublingDays = forecast.doublingDays().orElse(null);
            hiddenStage = forecast.longestHidden().orElse(null);
        });
        noCure = course.noCure().orElse(null);
        cost = course.cost().orElse(null);
        weighed = course.weighed();
    }

    /** The course with these steps, as the core knows it. */
    Course with(List<Course.Step> steps) {
        return new Course(
                disorder,
                new Course.Choice(style, uses, Optional.ofNullable(beside), Optional.ofNullable(clean), intervalDays),
                startedOn,
                steps,
                forecast(),
                weighed,
                Optional.ofNullable(noCure),
                Optional.ofNullable(cost));
    }

    private Optional<Course.Forecast> forecast() {
        return risk == null
                ? Optional.empty()
                : Optional.of(new Course.Forecast(
                        risk,
                        ends,
                        plannedUses,
                        riskOfOne,
                        slowInterval,
                        riskSlow,
                        Optional.ofNullable(doublingDays),
                        Optional.ofNullable(hiddenStage)));
    }

    /** Something new was found: the clock of standing alone starts again. */
    void found(LocalDate day, Double number) {
        lastFind = day;
        counted = number;
    }

    void end(State how, LocalDate day) {
        state = how;
        endedOn = day;
    }

    CaseId troubleCase() {
        return troubleCase;
    }

    PlantId plant() {
        return plant;
    }

    DisorderId disorder() {
        return disorder;
    }

    Style style() {
        return style;
    }

    LocalDate startedOn() {
        return startedOn;
    }

    boolean severe() {
        return severe;
    }

    Double counted() {
        return counted;
    }

    double coverage() {
        return coverage;
    }

    LocalDate thereSince() {
        return thereSince;
    }

    LocalDate lastFind() {
        return lastFind;
    }

    State state() {
        return state;
    }

    LocalDate endedOn() {
        return endedOn;
    }

    public CourseId id() {
        return new CourseId(key());
    }
}

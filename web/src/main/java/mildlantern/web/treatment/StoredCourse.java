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
import java.util.OptionalDouble;
import java.util.UUID;
import mildlantern.knowledge.DisorderId;
import mildlantern.pest.Aim;
import mildlantern.pest.Place;
import mildlantern.plant.PlantId;
import mildlantern.treatment.Course;
import mildlantern.treatment.Style;
import mildlantern.treatment.TreatmentKnowledge;
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

    @Enumerated(EnumType.STRING)
    private Aim aim;

    @JdbcTypeCode(SqlTypes.JSON)
    private List<Course.Turn> turns;

    private String wash;
    private String beside;
    private Double moving;
    private Double risk;
    private Boolean reached;
    private Integer plannedUses;
    private Double fewer;
    private Double leftOfOne;
    private Double doublingDays;
    private String hiddenStage;
    private Double hiddenDays;

    @Enumerated(EnumType.STRING)
    private Place hiddenAt;

    @Enumerated(EnumType.STRING)
    private Course.NoCure noCure;

    private Integer costUses;
    private Integer costDays;

    @JdbcTypeCode(SqlTypes.JSON)
    private List<Course.Option> options;

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

    /** Whether what is planned does not reach its aim. */
    boolean fallsShort() {
        return Boolean.FALSE.equals(reached);
    }

    /** Takes over a plan: the first one, or one made anew. */
    final void planned(Course course) {
        style = course.choice().style();
        aim = course.choice().aim();
        startedOn = course.from();
        turns = course.choice().turns();
        wash = course.choice().wash().orElse(null);
        beside = course.choice().beside().orElse(null);
        course.forecast().ifPresent(forecast -> {
            moving = forecast.moving();
            risk = forecast.risk();
            reached = forecast.reached();
            plannedUses = forecast.uses();
            fewer = forecast.fewer();
            leftOfOne = forecast.leftOfOne();
            doublingDays = forecast.doublingDays().isPresent()
                    ? Double.valueOf(forecast.doublingDays().getAsDouble())
                    : null;
            hiddenStage = forecast.hidden().map(Course.Hidden::stage).orElse(null);
            hiddenDays = forecast.hidden().map(Course.Hidden::days).orElse(null);
            hiddenAt = forecast.hidden().map(Course.Hidden::at).orElse(null);
        });
        noCure = course.noCure().map(why -> (Course.NoCure) why.what()).orElse(null);
        costUses = course.cost().map(Course.Cost::uses).orElse(null);
        costDays = course.cost().map(Course.Cost::days).orElse(null);
        options = course.options();
    }

    /**
     * The course with these steps, as the core knows it.
     *
     * @param knowledge what is said of a disease that nothing cures
     */
    Course with(List<Course.Step> steps, TreatmentKnowledge knowledge) {
        return new Course(
                disorder,
                choice(),
                startedOn,
                steps,
                forecast(),
                options,
                Optional.ofNullable(noCure)
                        .map(why -> why.with(knowledge.noCure(disorder).orElse(""))),
                costUses == null ? Optional.empty() : Optional.of(new Course.Cost(costUses, costDays)));
    }

    Course.Choice choice() {
        return new Course.Choice(style, aim, turns, Optional.ofNullable(wash), Optional.ofNullable(beside));
    }

    private Optional<Course.Forecast> forecast() {
        return moving == null
                ? Optional.empty()
                : Optional.of(new Course.Forecast(
                        moving,
                        risk,
                        reached,
                        plannedUses,
                        fewer,
                        leftOfOne,
                        doublingDays == null ? OptionalDouble.empty() : OptionalDouble.of(doublingDays),
                        hiddenStage == null
                                ? Optional.empty()
                                : Optional.of(new Course.Hidden(hiddenStage, hiddenDays, hiddenAt))));
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

    Aim aim() {
        return aim;
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

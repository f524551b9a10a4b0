package mildlantern.web.casework;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Version;
import java.time.LocalDate;
import mildlantern.plant.PlantId;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.Row;
import org.jspecify.annotations.NullUnmarked;

/** A trouble under work on one plant, from the first finding to closing. */
@Entity
@NullUnmarked
class TroubleCase extends Row {
    /** How far a case has come. */
    enum State {
        LOOKING,
        TRIAL,
        PAUSED,
        CLOSED,
        MERGED;

        /** Whether there is still something to be done. */
        boolean open() {
            return this != CLOSED && this != MERGED;
        }
    }

    /** How a case ended. */
    enum Outcome {
        RIGHT_GUESS("the guess was right"),
        OTHER_CAUSE("it was something else"),
        NEVER_KNOWN("never known"),
        PLANT_LOST("the plant was lost");

        private final String words;

        Outcome(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    @Column(name = "plant_id")
    private PlantId plant;

    @Enumerated(EnumType.STRING)
    private State state = State.LOOKING;

    /** The first look is visit 1; every look again is one more. */
    private int visit = 1;

    private LocalDate openedOn;
    private String decidedCause;
    private Double decidedProbability;
    private String decidedNote;
    private boolean overruled;
    private String secondCause;
    private LocalDate pausedUntil;

    @Column(name = "merged_into")
    private CaseId mergedInto;

    private LocalDate closedOn;

    @Enumerated(EnumType.STRING)
    private Outcome outcome;

    private String lesson;

    @Version
    private Long version;

    protected TroubleCase() {}

    TroubleCase(CaseId id, CollectionId collection, PlantId plant, LocalDate openedOn) {
        super(id.value(), collection);
        this.plant = plant;
        this.openedOn = openedOn;
    }

    void decide(String cause, double probability, String note, boolean againstTheRanking) {
        decidedCause = cause;
        secondCause = null;
        decidedProbability = probability;
        decidedNote = note;
        overruled = againstTheRanking;
        state = State.TRIAL;
    }

    /** A second cause that is treated beside the first. */
    void decideBeside(String cause) {
        secondCause = cause;
    }

    void pause(LocalDate until) {
        state = State.PAUSED;
        pausedUntil = until;
    }

    void reopen() {
        state = State.LOOKING;
        pausedUntil = null;
        closedOn = null;
        outcome = null;
    }

    void mergeInto(TroubleCase other) {
        state = State.MERGED;
        mergedInto = other.id();
    }

    void nextVisit() {
        visit++;
    }

    void lookFurther() {
        state = State.LOOKING;
        secondCause = null;
    }

    void close(LocalDate day, Outcome how, String learned) {
        state = State.CLOSED;
        closedOn = day;
        outcome = how;
        lesson = learned;
    }

    PlantId plant() {
        return plant;
    }

    State state() {
        return state;
    }

    int visit() {
        return visit;
    }

    LocalDate openedOn() {
        return openedOn;
    }

    String decidedCause() {
        return decidedCause;
    }

    Double decidedProbability() {
        return decidedProbability;
    }

    String decidedNote() {
        return decidedNote;
    }

    boolean overruled() {
        return overruled;
    }

    String secondCause() {
        return secondCause;
    }

    LocalDate pausedUntil() {
        return pausedUntil;
    }

    CaseId mergedInto() {
        return mergedInto;
    }

    LocalDate closedOn() {
        return closedOn;
    }

    Outcome outcome() {
        return outcome;
    }

    String lesson() {
        return lesson;
    }

    long version() {
        return version == null ? 0 : version;
    }

    public CaseId id() {
        return new CaseId(key());
    }
}

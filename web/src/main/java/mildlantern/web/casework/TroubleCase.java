package mildlantern.web.casework;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Version;
import java.time.LocalDate;
import java.util.List;
import mildlantern.knowledge.DisorderId;
import mildlantern.message.MessageKey;
import mildlantern.plant.PlantId;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.Row;
import mildlantern.web.platform.StaleVersion;
import mildlantern.web.words.Wording;
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
    enum Outcome implements MessageKey {
        RIGHT_GUESS,
        OTHER_CAUSE,
        NEVER_KNOWN,
        PLANT_LOST;

        public String words() {
            return Wording.of(this);
        }
    }

    @Column(name = "plant_id")
    private PlantId plant;

    @Enumerated(EnumType.STRING)
    private State state = State.LOOKING;

    /** The first look is visit 1; every look again is one more. */
    private int visit = 1;

    private LocalDate openedOn;
    private DisorderId decidedCause;
    private Double decidedProbability;
    private String decidedNote;
    private boolean overruled;
    private DisorderId secondCause;
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

    /**
     * Checks that a page showed the case as it stands.
     *
     * @param typed what was typed on that page, to be given back
     * @throws StaleVersion if the case has changed since
     */
    void shownAs(long shown, String typed) {
        if (version() != shown) {
            throw movedOn(typed);
        }
    }

    /**
     * Checks that causes are still being weighed.
     *
     * @throws StaleVersion if not
     */
    void looking(String typed) {
        only(typed, State.LOOKING);
    }

    /**
     * Checks that a trial runs.
     *
     * @throws StaleVersion if not
     */
    void onTrial() {
        only("", State.TRIAL);
    }

    private void only(String typed, State... allowed) {
        if (!List.of(allowed).contains(state)) {
            throw movedOn(typed);
        }
    }

    private StaleVersion movedOn(String typed) {
        return new StaleVersion(Wording.say("casework.trouble-case.case-has-changed-since"), "/cases/" + id(), typed);
    }

    // Each turn says from where it can be taken, and changes nothing otherwise.

    void decide(DisorderId cause, double probability, String note, boolean againstTheRanking) {
        looking(note);
        decidedCause = cause;
        secondCause = null;
        decidedProbability = probability;
        decidedNote = note;
        overruled = againstTheRanking;
        state = State.TRIAL;
    }

    /** A second cause that is treated beside the first. */
    void decideBeside(DisorderId cause) {
        onTrial();
        secondCause = cause;
    }

    void pause(LocalDate until) {
        looking("");
        state = State.PAUSED;
        pausedUntil = until;
    }

    void reopen() {
        only("", State.PAUSED, State.CLOSED);
        state = State.LOOKING;
        pausedUntil = null;
        closedOn = null;
        outcome = null;
    }

    void mergeInto(TroubleCase other) {
        only("", State.PAUSED, State.CLOSED);
        state = State.MERGED;
        mergedInto = other.id();
    }

    void nextVisit() {
        onTrial();
        visit++;
    }

    void lookFurther() {
        onTrial();
        state = State.LOOKING;
        secondCause = null;
    }

    void close(LocalDate day, Outcome how, String learned) {
        only(learned, State.LOOKING, State.TRIAL, State.PAUSED);
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

    DisorderId decidedCause() {
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

    DisorderId secondCause() {
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

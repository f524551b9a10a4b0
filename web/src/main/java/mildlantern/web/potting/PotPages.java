package mildlantern.web.potting;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import mildlantern.log.LogEntry;
import mildlantern.message.MessageKey;
import mildlantern.plant.Medium;
import mildlantern.plant.PlantId;
import mildlantern.plant.PlantKnowledge;
import mildlantern.potting.PotDeed;
import mildlantern.potting.PotSign;
import mildlantern.potting.PotState;
import mildlantern.potting.PotWork;
import mildlantern.potting.Roots;
import mildlantern.treatment.Hold;
import mildlantern.web.casework.TrialTerms;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.BatchId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.WrittenForms;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.routine.Routine;
import mildlantern.web.season.YearBook;
import mildlantern.web.task.HandTask;
import mildlantern.web.task.HandTasks;
import mildlantern.web.words.DayFormat;
import mildlantern.web.words.Unit;
import mildlantern.web.words.Units;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Whether a plant is repotted: the answer, what is put ready for it, and the entry in the record. */
@Service
@Transactional
class PotPages {
    private final Plants plants;
    private final PlantKnowledge knowledge;
    private final PotStates states;
    private final PotWork work;
    private final PotWords words;
    private final YearBook years;
    private final TrialTerms terms;
    private final HandTasks tasks;
    private final Routine routine;
    private final RecordWriter log;
    private final WrittenForms forms;
    private final Clock clock;

    PotPages(
            Plants plants,
            PlantKnowledge knowledge,
            PotStates states,
            PotWork work,
            PotWords words,
            YearBook years,
            TrialTerms terms,
            HandTasks tasks,
            Routine routine,
            RecordWriter log,
            WrittenForms forms,
            Clock clock) {
        this.plants = plants;
        this.knowledge = knowledge;
        this.states = states;
        this.work = work;
        this.words = words;
        this.years = years;
        this.terms = terms;
        this.tasks = tasks;
        this.routine = routine;
        this.log = log;
        this.forms = forms;
        this.clock = clock;
    }

    /** Something to choose or to tick. */
    record Choice(String id, String words, boolean chosen) {}

    /** The page of an answer. */
    record Page(
            PlantId plant,
            String name,
            String now,
            List<Choice> roots,
            List<Choice> signs,
            boolean flowering,
            String deed,
            boolean leaves,
            boolean repots,
            boolean records,
            String deedId,
            List<String> words,
            List<String> after,
            Optional<String> other,
            Optional<String> held,
            Optional<String> plan,
            String diameter,
            List<Medium> media,
            String medium,
            String drawn,
            PotDrawing drawing,
            FormKey form) {}

    @Transactional(readOnly = true)
    public Page page(CollectionId collection, PlantId id, PotStates.Seen seen) {
        Plant plant = plants.plant(collection, id);
        PotState state = states.of(plant, seen);
        PotDeed deed = decide(plant, state);
        Optional<String> held = deed.deed().repots() ? held(plant, deed.because()) : Optional.empty();
        String medium =
                Optional.ofNullable(plant.medium()).orElse(plants.profile(plant).usualMedium());
        boolean now = deed.when() == PotDeed.When.NOW;
        return new Page(
                id,
                plant.name(),
                PotWords.now(state),
                choices(Roots.values(), Set.of(seen.roots())),
                choices(PotSign.values(), seen.signs()),
                state.flowering(),
                Wording.of(deed.deed()),
                deed.deed() == PotDeed.Deed.LEAVE,
                deed.deed().repots(),
                held.isEmpty() && deed.deed() != PotDeed.Deed.LEAVE && deed.deed() != PotDeed.Deed.LOOK,
                deed.deed().name(),
                words.words(plant, state, deed, medium),
                deed.deed().repots() ? words.after(deed, now) : List.of(),
                deed.other().map(other -> words.other(plant, deed, other)),
                held,
                deed.from()
                        .filter(day -> !now || deed.deed() == PotDeed.Deed.HOLES)
                        .map(DayFormat.YEAR::format),
                deed.potCm().isPresent() ? Units.number(deed.potCm().getAsDouble(), Unit.Of.LENGTH) : "",
                List.copyOf(knowledge.media()),
                medium,
                Wording.say("potting.pot.drawn", deed.deed().name()),
                PotDrawing.of(deed, state),
                FormKey.fresh());
    }

    private static <E extends Enum<E> & MessageKey> List<Choice> choices(E[] all, Set<E> chosen) {
        return Arrays.stream(all)
                .map(one -> new Choice(one.name(), Wording.of(one), chosen.contains(one)))
                .toList();
    }

    /** What speaks against a repotting now; what rots waits for no trial. */
    private Optional<String> held(Plant plant, PotDeed.Because because) {
        return because == PotDeed.Because.ROOTS_ROT || because == PotDeed.Because.SOUR
                ? Optional.empty()
                : terms.against(plant, Set.of(Hold.REPOT));
    }

    private PotDeed decide(Plant plant, PotState state) {
        return work.decide(plants.profile(plant), state, LocalDate.now(clock), years.seasons(plant));
    }

    /**
     * What was done at the pot.
     *
     * @param deed the deed
     * @param acrossCm of the pot that it stands in now, cm
     * @param medium id of its medium now
     * @param dead whether dead roots were cut off
     * @param trimmed whether living roots were trimmed
     * @param washed whether the roots were washed
     */
    record Done(
            PotDeed.Deed deed,
            OptionalDouble acrossCm,
            Optional<String> medium,
            boolean dead,
            boolean trimmed,
            boolean washed) {}

    /** Writes down what was done, once; what a case holds is not written. */
    void done(CollectionId collection, PlantId id, FormKey form, PotStates.Seen seen, Done done) {
        LocalDate today = LocalDate.now(clock);
        routine.write(collection, List.of(id), () -> {
            Plant plant = plants.plant(collection, id);
            boolean held = done.deed().repots()
                    && held(plant, decide(plant, states.of(plant, seen)).because())
                            .isPresent();
            if (!held && forms.firstTime(collection, form)) {
                log.write(collection, id, today, List.of(line(done)), Optional.of(new BatchId(form.value())));
            }
        });
    }

    private static RecordWriter.Line line(Done done) {
        List<String> ticked = new ArrayList<>();
        if (done.dead()) {
            ticked.add(Wording.say("potting.pot.ticked-dead"));
        }
        if (done.trimmed()) {
            ticked.add(Wording.say("potting.pot.ticked-trimmed"));
        }
        if (done.washed()) {
            ticked.add(Wording.say("potting.pot.ticked-washed"));
        }
        if (done.deed().repots()) {
            return new RecordWriter.Line(
                    new LogEntry.Repotted(done.acrossCm(), done.medium()),
                    ticked.isEmpty() ? null : Wording.listed(ticked));
        }
        return new RecordWriter.Line(
                done.deed() == PotDeed.Deed.SOAK ? LogEntry.Watered.through() : new LogEntry.Noted(),
                Wording.say("potting.pot.written", done.deed().name()));
    }

    /** Plans the repotting for the day that the answer names, once. */
    void plan(CollectionId collection, PlantId id, FormKey form, PotStates.Seen seen) {
        routine.write(collection, List.of(id), () -> {
            Plant plant = plants.plant(collection, id);
            PotDeed deed = decide(plant, states.of(plant, seen));
            if (deed.from().isPresent() && forms.firstTime(collection, form)) {
                tasks.drop(plant, List.of(HandTask.REPOT));
                tasks.plan(plant, HandTask.REPOT, deed.from().get(), new BatchId(form.value()));
            }
        });
    }
}

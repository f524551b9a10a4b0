package mildlantern.web.handwork;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import mildlantern.handwork.CutAim;
import mildlantern.handwork.CutBack;
import mildlantern.handwork.CutDeed;
import mildlantern.handwork.CutState;
import mildlantern.handwork.Wood;
import mildlantern.log.LogEntry;
import mildlantern.plant.PlantId;
import mildlantern.plant.Profile;
import mildlantern.treatment.Hold;
import mildlantern.web.casework.TrialTerms;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.plant.PlatePictures;
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
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Cutting a plant back: the answer, its drawing, the entry in the record and the look that follows. */
@Service
@Transactional
class CutPages {
    private static final Set<CutState.Part> OF_SHEATHS = EnumSet.of(CutState.Part.GREEN_BARE, CutState.Part.DRY);

    private final Plants plants;
    private final PlatePictures plates;
    private final CutBack cuts;
    private final YearBook years;
    private final TrialTerms terms;
    private final HandTasks tasks;
    private final Routine routine;
    private final RecordWriter log;
    private final WrittenForms forms;
    private final Clock clock;

    CutPages(
            Plants plants,
            PlatePictures plates,
            CutBack cuts,
            YearBook years,
            TrialTerms terms,
            HandTasks tasks,
            Routine routine,
            RecordWriter log,
            WrittenForms forms,
            Clock clock) {
        this.plants = plants;
        this.plates = plates;
        this.cuts = cuts;
        this.years = years;
        this.terms = terms;
        this.tasks = tasks;
        this.routine = routine;
        this.log = log;
        this.forms = forms;
        this.clock = clock;
    }

    /** What was asked. */
    record Asked(CutAim aim, List<Wood> twig, Optional<Boolean> roots, CutState.Part part, boolean flowering) {}

    /** Something to choose. */
    record Choice(String id, String words, boolean chosen) {}

    /**
     * The page of an answer.
     *
     * @param twig the tests so far, as they stand in the address
     * @param plan the day for which it can be planned, or blank
     */
    record Page(
            PlantId plant,
            String name,
            List<Choice> aims,
            List<Choice> parts,
            Asked asked,
            String twig,
            String roots,
            String deed,
            boolean asks,
            boolean asksRoots,
            boolean keeps,
            boolean records,
            String plan,
            Optional<String> held,
            List<String> words,
            List<CutDrawing.Stroke> strokes,
            String drawn,
            Optional<MarkedPlate> plate,
            FormKey form) {}

    @Transactional(readOnly = true)
    public Page page(CollectionId collection, PlantId id, Asked asked) {
        Plant plant = plants.plant(collection, id);
        Profile kind = plants.profile(plant);
        CutState state = state(plant, asked);
        CutDeed deed = decide(plant, state);
        Optional<String> held = held(plant, deed);
        return new Page(
                id,
                plant.name(),
                cuts.aims(kind).stream()
                        .map(aim -> new Choice(aim.name(), Wording.of(aim), aim == asked.aim()))
                        .toList(),
                parts(asked),
                asked,
                letters(asked.twig()),
                asked.roots().map(String::valueOf).orElse(""),
                Wording.of(deed.deed()),
                deed.deed() == CutDeed.Deed.TEST,
                deed.deed() == CutDeed.Deed.ROOTS,
                !deed.deed().cuts(),
                deed.deed().cuts() && held.isEmpty(),
                deed.from().map(day -> DayFormat.YEAR.format(day)).orElse(""),
                held,
                words(deed),
                CutDrawing.of(state, deed, cuts.twig()),
                Wording.say("handwork.cut.drawn", deed.deed().name()),
                MarkedPlate.of(plates.of(plant), asked.aim(), deed.deed().cuts()),
                FormKey.fresh());
    }

    /** The aim to begin with: what was asked, where the kind has it. */
    @Transactional(readOnly = true)
    public CutAim aim(CollectionId collection, PlantId id, Optional<CutAim> asked) {
        List<CutAim> aims = cuts.aims(plants.profile(plants.plant(collection, id)));
        return asked.filter(aims::contains).orElse(aims.get(0));
    }

    /** Whether the plant flowers, as far as it was counted. */
    @Transactional(readOnly = true)
    public boolean flowering(CollectionId collection, PlantId id) {
        Plant plant = plants.plant(collection, id);
        return plant.flowers() > 0 || plant.buds() > 0;
    }

    /** How many tests there are on a twig. */
    int tests() {
        return cuts.twig().size();
    }

    /** What speaks against a cut now; what rots goes whatever a trial holds. */
    private Optional<String> held(Plant plant, CutDeed deed) {
        return !deed.deed().cuts() || deed.because() == CutDeed.Because.ROTS
                ? Optional.empty()
                : terms.against(plant, Set.of(Hold.PRUNE));
    }

    private CutDeed decide(Plant plant, CutState state) {
        return cuts.decide(plants.profile(plant), state, LocalDate.now(clock), years.seasons(plant));
    }

    private static CutState state(Plant plant, Asked asked) {
        return new CutState(asked.aim(), asked.twig(), asked.roots(), asked.part(), asked.flowering(), plant.leaves());
    }

    private static List<Choice> parts(Asked asked) {
        return switch (asked.aim()) {
            case FULLER, TWIGS, PINCH -> List.of();
            case SHEATHS -> OF_SHEATHS.stream().map(part -> choice(part, asked)).toList();
            case CANES, FLOWERED ->
                Arrays.stream(CutState.Part.values())
                        .map(part -> choice(part, asked))
                        .toList();
        };
    }

    private static Choice choice(CutState.Part part, Asked asked) {
        return new Choice(part.name(), Wording.of(part), part == asked.part());
    }

    /** Tests of a twig as letters: g for green, b for brown. */
    static String letters(List<Wood> twig) {
        StringBuilder letters = new StringBuilder();
        twig.forEach(wood -> letters.append(wood == Wood.GREEN ? 'g' : 'b'));
        return letters.toString();
    }

    private List<String> words(CutDeed deed) {
        List<String> words = new ArrayList<>();
        deed.height().ifPresent(height -> {
            if (deed.deed() == CutDeed.Deed.TEST) {
                words.add(Wording.say("handwork.cut.test-at", height >= 1, height <= 0.1, Math.round(height * 100)));
            }
        });
        words.add(Wording.of(deed.because()));
        if (deed.place() != CutDeed.Place.NONE) {
            words.add(Wording.of(deed.place()));
        }
        if (deed.share() > 0 && deed.share() < 1) {
            words.add(Wording.say("handwork.cut.share", Math.round(deed.share() * 100)));
        }
        if (deed.deed().cuts() && deed.deed() != CutDeed.Deed.PINCH) {
            words.add(Wording.say("handwork.leaf.tool", deed.because() == CutDeed.Because.ROTS));
        }
        deed.everyWeeks()
                .ifPresent(weeks -> words.add(Wording.say(
                        "handwork.cut.every",
                        weeks,
                        deed.until().map(DayFormat.WEEKDAY::format).orElse(""))));
        deed.from().ifPresent(day -> words.add(Wording.say("handwork.cut.from", DayFormat.YEAR.format(day))));
        if (deed.deed() == CutDeed.Deed.CUT
                || deed.deed() == CutDeed.Deed.WAIT && deed.from().isPresent()) {
            words.add(Wording.say(
                    "handwork.cut.regrows",
                    Math.round(deed.regrows().low()),
                    Math.round(deed.regrows().high())));
        }
        deed.lookInDays()
                .ifPresent(days -> words.add(Wording.say(
                        "handwork.cut.look",
                        DayFormat.WEEKDAY.format(LocalDate.now(clock).plusDays(days)))));
        return List.copyOf(words);
    }

    /** Writes down that it was cut, once, and plans what follows; what may not be cut now is left. */
    void done(CollectionId collection, PlantId id, FormKey form, Asked asked) {
        LocalDate today = LocalDate.now(clock);
        routine.write(collection, List.of(id), () -> {
            Plant plant = plants.plant(collection, id);
            CutDeed deed = decide(plant, state(plant, asked));
            if (!deed.deed().cuts() || held(plant, deed).isPresent() || !forms.firstTime(collection, form)) {
                return;
            }
            BatchId batch = new BatchId(form.value());
            log.write(
                    collection,
                    id,
                    today,
                    List.of(new RecordWriter.Line(
                            new LogEntry.Pruned(),
                            Wording.say(
                                    "handwork.cut.written",
                                    asked.aim().name(),
                                    deed.deed().name()))),
                    Optional.of(batch));
            tasks.drop(plant, List.of(HandTask.CUT_BACK, HandTask.LOOK_AT_CUT, HandTask.PINCH));
            deed.lookInDays().ifPresent(days -> tasks.plan(plant, HandTask.LOOK_AT_CUT, today.plusDays(days), batch));
            deed.everyWeeks()
                    .ifPresent(weeks -> tasks.planEvery(
                            plant,
                            HandTask.PINCH,
                            today.plusWeeks(weeks),
                            weeks * 7,
                            deed.until().orElse(today),
                            batch));
        });
    }

    /** Plans a cut, or a look at what may shoot again, for the day that the answer names; once. */
    void plan(CollectionId collection, PlantId id, FormKey form, Asked asked) {
        routine.write(collection, List.of(id), () -> {
            Plant plant = plants.plant(collection, id);
            CutDeed deed = decide(plant, state(plant, asked));
            if (deed.from().isPresent() && forms.firstTime(collection, form)) {
                HandTask what = deed.because() == CutDeed.Because.TOP_DEAD_ROOTS_LIVE
                        ? HandTask.LOOK_AT_CUT
                        : asked.aim() == CutAim.PINCH ? HandTask.PINCH : HandTask.CUT_BACK;
                tasks.drop(plant, List.of(what));
                tasks.plan(plant, what, deed.from().get(), new BatchId(form.value()));
            }
        });
    }
}

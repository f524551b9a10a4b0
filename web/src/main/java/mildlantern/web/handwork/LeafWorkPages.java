package mildlantern.web.handwork;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import mildlantern.diagnosis.Diagnosis;
import mildlantern.diagnosis.Disorder;
import mildlantern.handwork.Damage;
import mildlantern.handwork.LeafDeed;
import mildlantern.handwork.LeafState;
import mildlantern.handwork.LeafWork;
import mildlantern.log.LogEntry;
import mildlantern.plant.PlantId;
import mildlantern.plant.Profile;
import mildlantern.treatment.Hold;
import mildlantern.treatment.TreatmentKnowledge;
import mildlantern.web.casework.CaseTroubles;
import mildlantern.web.casework.TrialTerms;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.plant.PlatePictures;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.words.DayFormat;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is done with a damaged leaf of a plant: the answer, its drawing, and the entry in the record. */
@Service
@Transactional
class LeafWorkPages {
    private final Plants plants;
    private final PlatePictures plates;
    private final CaseTroubles cases;
    private final Diagnosis diagnosis;
    private final LeafWork work;
    private final TreatmentKnowledge treatments;
    private final TrialTerms terms;
    private final RecordWriter log;
    private final Clock clock;

    LeafWorkPages(
            Plants plants,
            PlatePictures plates,
            CaseTroubles cases,
            Diagnosis diagnosis,
            LeafWork work,
            TreatmentKnowledge treatments,
            TrialTerms terms,
            RecordWriter log,
            Clock clock) {
        this.plants = plants;
        this.plates = plates;
        this.cases = cases;
        this.diagnosis = diagnosis;
        this.work = work;
        this.treatments = treatments;
        this.terms = terms;
        this.log = log;
        this.clock = clock;
    }

    /** What was said of the leaf; numbers that were read. */
    record Asked(Damage damage, int greenPercent, int alike, int leaves, boolean spreading, boolean shooting) {}

    /** A kind of damage to choose. */
    record Choice(String id, String words, boolean chosen) {}

    /** The page of an answer. */
    record Page(
            PlantId plant,
            String name,
            List<Choice> damages,
            Asked asked,
            Optional<String> catching,
            String deed,
            boolean keeps,
            Optional<String> held,
            List<String> words,
            List<LeafDrawing.Layer> layers,
            String drawn,
            Optional<MarkedPlate> plate,
            FormKey form) {}

    @Transactional(readOnly = true)
    public Page page(CollectionId collection, PlantId id, Asked asked) {
        Plant plant = plants.plant(collection, id);
        Profile kind = plants.profile(plant);
        Optional<String> catching = catching(collection, id);
        LeafState leaf = leaf(asked, catching.isPresent());
        LeafDeed deed = work.decide(kind, leaf);
        return new Page(
                id,
                plant.name(),
                Arrays.stream(Damage.values())
                        .map(one -> new Choice(one.name(), Wording.of(one), one == asked.damage()))
                        .toList(),
                asked,
                catching,
                Wording.of(deed.deed().with(deed.atOnce())),
                deed.deed() == LeafDeed.Deed.KEEP,
                held(plant, deed),
                words(deed, catching.isPresent()),
                LeafDrawing.of(kind.form(), leaf, deed),
                Wording.say("handwork.leaf.drawn", deed.cut() == LeafDeed.Cut.NONE),
                MarkedPlate.of(plates.of(plant), deed),
                FormKey.fresh());
    }

    /** How many leaves the plant has, as far as it was counted. */
    @Transactional(readOnly = true)
    public int leaves(CollectionId collection, PlantId plant) {
        return plants.plant(collection, plant).leaves();
    }

    private List<String> words(LeafDeed deed, boolean catching) {
        List<String> words = new ArrayList<>();
        words.add(Wording.of(deed.because()));
        if (deed.deed() != LeafDeed.Deed.KEEP) {
            words.add(Wording.of(deed.cut()));
            words.add(Wording.say("handwork.leaf.tool", catching));
        }
        deed.restInDays()
                .ifPresent(days -> words.add(Wording.say(
                        "handwork.leaf.rest",
                        deed.rest(),
                        DayFormat.WEEKDAY.format(LocalDate.now(clock).plusDays(days)))));
        words.add(Wording.say(
                "handwork.leaf.outgrows",
                Math.round(deed.outgrows().low()),
                Math.round(deed.outgrows().high())));
        return List.copyOf(words);
    }

    /** The catching cause that an open case was decided for, in words. */
    private Optional<String> catching(CollectionId collection, PlantId plant) {
        return cases.decided(collection).stream()
                .filter(one -> one.plant().equals(plant))
                .flatMap(one -> one.causes().stream())
                .flatMap(cause -> diagnosis.knowledge().disorder(cause).stream())
                .filter(disorder -> disorder.nature().catching() && livesInLeaves(disorder))
                .map(Disorder::name)
                .findFirst();
    }

    /** Whether taking leaves off is done against it. */
    private boolean livesInLeaves(Disorder disorder) {
        return treatments.against(disorder.id()).stream()
                .anyMatch(means -> means.terms().takesLeaves());
    }

    private static LeafState leaf(Asked asked, boolean catching) {
        return new LeafState(
                asked.damage(),
                asked.greenPercent() / 100.0,
                catching,
                asked.spreading(),
                asked.alike(),
                asked.leaves() > 0 ? OptionalInt.of(Math.max(asked.leaves(), asked.alike())) : OptionalInt.empty(),
                asked.shooting());
    }

    /** What speaks against a cut now; what rots or is catching goes whatever a trial holds. */
    private Optional<String> held(Plant plant, LeafDeed deed) {
        return deed.deed() == LeafDeed.Deed.KEEP || deed.because() == LeafDeed.Because.GOES_ON
                ? Optional.empty()
                : terms.against(plant, Set.of(Hold.PRUNE));
    }

    /** Writes down that it was done; what a case holds is not written. */
    void done(CollectionId collection, PlantId id, FormKey form, Asked asked) {
        Plant plant = plants.plant(collection, id);
        LeafDeed deed = work.decide(
                plants.profile(plant), leaf(asked, catching(collection, id).isPresent()));
        if (held(plant, deed).isPresent()) {
            return;
        }
        log.write(
                collection,
                id,
                form,
                LocalDate.now(clock),
                List.of(new RecordWriter.Line(
                        new LogEntry.Pruned(),
                        Wording.say("handwork.leaf.written", deed.deed().name(), Math.max(1, deed.atOnce())))));
    }
}

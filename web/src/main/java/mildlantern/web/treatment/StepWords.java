package mildlantern.web.treatment;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import mildlantern.message.Message;
import mildlantern.message.MessageKey;
import mildlantern.mixing.Rate;
import mildlantern.pest.LifeTable;
import mildlantern.pest.LookWith;
import mildlantern.quantity.Limits;
import mildlantern.treatment.Course;
import mildlantern.treatment.Label;
import mildlantern.treatment.Means;
import mildlantern.treatment.TermSays;
import mildlantern.treatment.TreatmentKnowledge;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Component;

/** The words of a step: what to do, what to wear and mind, and when and how. */
@Component
class StepWords {
    /** What a step says, by its phase, by what is looked for, or by the way in which something is given. */
    enum Says implements MessageKey {
        ISOLATE,
        ANTS,
        TEST,
        FEWER,
        NONE,
        STILL_NONE,
        DRY_CUT,
        SAME_LEAVES,
        BACK,
        OVER,
        SPRAY,
        SWAB,
        DRENCH,
        DIP,
        RELEASE,
        CARD,
        TRAP,
        HAND,
        AGAIN,
        AFTER_WASH
    }

    private final TreatmentKnowledge knowledge;

    StepWords(TreatmentKnowledge knowledge) {
        this.knowledge = knowledge;
    }

    /**
     * What to do, in a sentence.
     *
     * @param pest what it is done against, where that is a pest
     * @param labels the grower's own products, whose strength comes first
     */
    String what(Course.Step step, Optional<LifeTable> pest, List<Label> labels) {
        LookWith with = pest.map(LifeTable::look).orElse(LookWith.EYE);
        return switch (step.phase()) {
            case ISOLATE -> Wording.of(Says.ISOLATE);
            case ANTS -> Wording.of(Says.ANTS);
            case TEST -> Wording.of(Says.TEST);
            case LOOK, RELEASE ->
                Wording.of(Says.valueOf(step.look().orElse(Course.LookFor.FEWER).name())
                        .with(with, pest.map(LifeTable::unit).orElse("")));
            case CLEAN, ACT, REPEAT ->
                step.means()
                        .flatMap(knowledge::find)
                        .map(one -> use(step, one, labels))
                        .orElse("");
        };
    }

    private String use(Course.Step step, Means one, List<Label> labels) {
        String name = capital(one.name());
        Optional<Rate> rate = labels.stream()
                .filter(label -> label.means().equals(one.id()))
                .findFirst()
                .flatMap(Label::most)
                .or(one::rate);
        String strength = rate.map(it ->
                        Limits.plain(it.amount()) + " " + Wording.of(it.measure()) + " " + Wording.of(it.carrier()))
                .orElse("");
        String said = step.phase() == Course.Phase.REPEAT
                ? Wording.of(Says.AGAIN.with(name, strength, strength.isEmpty() ? "none" : "said"))
                : Wording.of(Says.valueOf(one.way().name())
                        .with(name, strength, strength.isEmpty() ? "none" : "said", one.summary()));
        return step.wash()
                .flatMap(knowledge::find)
                .map(wash -> Wording.of(Says.AFTER_WASH.with(wash.name(), said)))
                .orElse(said);
    }

    /** What to wear and mind, before the hand reaches for it. */
    List<String> safety(Course.Step step) {
        return switch (step.phase()) {
            case ISOLATE -> List.of(Wording.say("treatment.step-words.isolate-clean"));
            case TEST -> List.of(Wording.say("treatment.step-words.test-marks"));
            case RELEASE -> List.of(Wording.say("treatment.step-words.release-find"));
            case CLEAN, ACT, REPEAT -> said(step, true);
            case ANTS, LOOK -> List.of();
        };
    }

    /** When and how. */
    List<String> conditions(Course.Step step) {
        return step.phase() == Course.Phase.CLEAN
                        || step.phase() == Course.Phase.ACT
                        || step.phase() == Course.Phase.REPEAT
                ? said(step, false)
                : List.of();
    }

    private List<String> said(Course.Step step, boolean safety) {
        List<Message> all = new ArrayList<>();
        step.means()
                .flatMap(knowledge::find)
                .ifPresent(one -> all.addAll(safety ? TermSays.safety(one) : TermSays.conditions(one)));
        return all.stream().map(Wording::of).toList();
    }

    static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }
}

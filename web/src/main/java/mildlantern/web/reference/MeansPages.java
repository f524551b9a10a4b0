package mildlantern.web.reference;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import mildlantern.diagnosis.Diagnosis;
import mildlantern.quantity.Range;
import mildlantern.treatment.Means;
import mildlantern.treatment.TreatmentKnowledge;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Component;

/** Puts the page of a means together. */
@Component
class MeansPages {
    private final TreatmentKnowledge treatment;
    private final Diagnosis diagnosis;

    MeansPages(TreatmentKnowledge treatment, Diagnosis diagnosis) {
        this.treatment = treatment;
        this.diagnosis = diagnosis;
    }

    /**
     * The page.
     *
     * @param figures how strong, how often
     * @param cautions what to mind
     * @param against causes that it is used on
     */
    record Page(
            String name,
            String summary,
            Optional<String> refused,
            Optional<Ref> instead,
            List<String> figures,
            List<String> cautions,
            List<Ref> against) {}

    Optional<Page> page(String id) {
        return treatment
                .find(id)
                .map(means -> new Page(
                        means.name(),
                        means.summary(),
                        means.refused(),
                        means.instead().flatMap(treatment::find).map(ReferenceSearch::ref),
                        means.refused().isPresent() ? List.of() : figures(means),
                        cautions(means),
                        means.works().against().stream()
                                .flatMap(cause -> diagnosis.knowledge().disorder(cause).stream())
                                .map(ReferenceSearch::ref)
                                .sorted(Comparator.comparing(Ref::name))
                                .toList()));
    }

    private static List<String> figures(Means means) {
        List<String> figures = new ArrayList<>();
        figures.add(Wording.say("reference.means.way", means.way()));
        means.rate()
                .ifPresent(rate -> figures.add(Wording.say(
                        "reference.means.rate",
                        rate.perLitre(),
                        rate.measure().kind().unit())));
        Range interval = means.pace().interval();
        figures.add(Wording.say("reference.means.interval", interval.low(), interval.high()));
        figures.add(Wording.say("reference.means.uses", means.pace().mostUses()));
        means.group().ifPresent(group -> figures.add(Wording.say("reference.means.group", group)));
        return figures;
    }

    private static List<String> cautions(Means means) {
        List<String> cautions = new ArrayList<>();
        means.care().caution().ifPresent(cautions::add);
        if (!means.care().gear().isEmpty()) {
            cautions.add(Wording.say(
                    "reference.means.gear", Wording.listed(means.care().gear())));
        }
        means.care().pets().ifPresent(cautions::add);
        means.care().away().ifPresent(cautions::add);
        if (means.product()) {
            cautions.add(Wording.say("reference.means.label"));
        }
        return cautions;
    }
}

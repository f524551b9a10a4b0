package mildlantern.web.reference;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import mildlantern.diagnosis.Confusables;
import mildlantern.diagnosis.Diagnosis;
import mildlantern.diagnosis.Disorder;
import mildlantern.diagnosis.Finding;
import mildlantern.knowledge.DisorderId;
import mildlantern.knowledge.Words;
import mildlantern.plant.Family;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.Profile;
import mildlantern.treatment.TreatmentKnowledge;
import mildlantern.treatment.Trial;
import mildlantern.treatment.Trials;
import mildlantern.web.casework.CaseHistory;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.sign.SignSheet;
import mildlantern.web.sign.Signs;
import mildlantern.web.words.Percent;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Component;

/** Puts the page of a cause together. */
@Component
class CausePages {
    private static final int RIVALS = 5;
    private static final int SIGNS = 12;
    private final Diagnosis diagnosis;
    private final Confusables confusables;
    private final PlantKnowledge kinds;
    private final Trials trials;
    private final TreatmentKnowledge treatment;
    private final Signs signs;
    private final CaseHistory history;

    CausePages(
            Diagnosis diagnosis,
            PlantKnowledge kinds,
            Trials trials,
            TreatmentKnowledge treatment,
            Signs signs,
            CaseHistory history) {
        this.diagnosis = diagnosis;
        this.confusables = new Confusables(diagnosis.knowledge());
        this.kinds = kinds;
        this.trials = trials;
        this.treatment = treatment;
        this.signs = signs;
        this.history = history;
    }

    /**
     * A sign of the cause.
     *
     * @param often how often it is seen where this alone is the matter
     * @param anyway how often without it
     */
    record Shows(Ref sign, String drawing, String often, String anyway) {}

    /** A sign of several states, and the state that speaks for the cause. */
    record Leans(Ref sign, String state) {}

    /** A cause that is easily confused with it, and the sign to look for. */
    record Rival(Ref cause, Ref sign, String here, String there) {}

    /**
     * The page.
     *
     * @param group id of its group, for its ink
     * @param shared what the drawings have in common, as SVG
     */
    record Page(
            String name,
            String summary,
            String group,
            String groupWords,
            List<String> facts,
            String base,
            List<Shows> shows,
            List<Leans> leans,
            String shared,
            List<Rival> rivals,
            List<String> hosts,
            List<String> trials,
            List<Ref> means,
            Optional<String> noCure,
            String watch,
            Optional<String> caution,
            String source,
            List<CaseHistory.Past> own) {}

    Optional<Page> page(CollectionId collection, DisorderId id) {
        return diagnosis.knowledge().disorder(id).map(cause -> {
            SignSheet sheet = signs.sheet(shownOn(cause));
            return new Page(
                    cause.name(),
                    cause.summary(),
                    Words.id(cause.kind()),
                    Wording.of(cause.kind()),
                    facts(cause),
                    Percent.of(cause.base()),
                    shows(cause, sheet),
                    leans(cause),
                    sheet.shared(),
                    rivals(cause),
                    hosts(cause),
                    cause.trials().stream()
                            .flatMap(trial -> trials.find(trial).stream())
                            .map(Trial::name)
                            .toList(),
                    treatment.against(id).stream().map(ReferenceSearch::ref).toList(),
                    treatment.noCure(id),
                    cause.watch(),
                    cause.caution(),
                    cause.source(),
                    history.decidedOn(collection, id));
        });
    }

    private Profile shownOn(Disorder cause) {
        return Stream.concat(kinds.profile(ReferenceSearch.USUAL_KIND).stream(), kinds.profiles().stream())
                .filter(cause::mayBefall)
                .findFirst()
                .orElseThrow();
    }

    private static List<String> facts(Disorder cause) {
        List<String> facts = new ArrayList<>();
        facts.add(
                cause.nature().harmless()
                        ? Wording.say("reference.cause.harmless")
                        : switch (cause.nature().urgency()) {
                            case TODAY -> Wording.say("reference.cause.today");
                            case WEEK -> Wording.say("reference.cause.week");
                            case CALM -> Wording.say("reference.cause.calm");
                        });
        if (cause.nature().catching()) {
            facts.add(Wording.say("reference.cause.catching"));
        }
        facts.add(cause.nature().recovers());
        return facts;
    }

    private List<Shows> shows(Disorder cause, SignSheet sheet) {
        return cause.signs().keySet().stream()
                .flatMap(id -> diagnosis.knowledge().finding(id).stream())
                .filter(Finding::yesNo)
                .sorted(Comparator.comparingDouble((Finding finding) -> Confusables.chance(cause, finding))
                        .reversed())
                .limit(SIGNS)
                .map(finding -> new Shows(
                        ReferenceSearch.ref(finding),
                        signs.tiles(sheet, finding).getOrDefault(Finding.PRESENT, ""),
                        Percent.of(Confusables.chance(cause, finding)),
                        Percent.of(finding.states().get(0).usual())))
                .toList();
    }

    private List<Leans> leans(Disorder cause) {
        return cause.signs().keySet().stream()
                .flatMap(id -> diagnosis.knowledge().finding(id).stream())
                .flatMap(finding -> Confusables.leaning(cause, finding).stream()
                        .map(state -> new Leans(ReferenceSearch.ref(finding), state.words())))
                .toList();
    }

    private List<Rival> rivals(Disorder cause) {
        return confusables.of(cause, RIVALS).stream()
                .map(rival -> new Rival(
                        ReferenceSearch.ref(rival.cause()),
                        ReferenceSearch.ref(rival.tells()),
                        Percent.of(rival.here()),
                        Percent.of(rival.there())))
                .toList();
    }

    private List<String> hosts(Disorder cause) {
        Set<String> families = cause.hosts().families();
        List<String> hosts = new ArrayList<>();
        for (Family family : Family.values()) {
            if (families.contains(Words.id(family))) {
                hosts.add(Wording.of(family));
            }
        }
        cause.hosts().profiles().stream()
                .flatMap(kind -> kinds.profile(kind).stream())
                .map(Profile::name)
                .sorted()
                .forEach(hosts::add);
        return hosts.isEmpty() ? List.of(Wording.say("reference.cause.all-plants")) : hosts;
    }
}

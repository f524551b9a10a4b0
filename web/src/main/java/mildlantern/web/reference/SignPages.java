package mildlantern.web.reference;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import mildlantern.diagnosis.Confusables;
import mildlantern.diagnosis.Diagnosis;
import mildlantern.diagnosis.Disorder;
import mildlantern.diagnosis.Finding;
import mildlantern.knowledge.FindingId;
import mildlantern.plant.PlantId;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.Profile;
import mildlantern.sign.SignKnowledge;
import mildlantern.web.casework.CaseHistory;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.sign.SignSheet;
import mildlantern.web.sign.Signs;
import mildlantern.web.words.Percent;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Component;

/** Puts the page of a sign together: its drawing, what it is confused with, and which causes bring it. */
@Component
class SignPages {
    private static final int CAUSES = 10;

    /** Rarer than this under a cause, it does not speak for it. */
    private static final double SPEAKS_FROM = 0.1;

    private final Diagnosis diagnosis;
    private final PlantKnowledge kinds;
    private final Plants plants;
    private final Signs signs;
    private final CaseHistory history;

    SignPages(Diagnosis diagnosis, PlantKnowledge kinds, Plants plants, Signs signs, CaseHistory history) {
        this.diagnosis = diagnosis;
        this.kinds = kinds;
        this.plants = plants;
        this.signs = signs;
        this.history = history;
    }

    /** A drawing with its words. */
    record Drawn(String words, String svg) {}

    /** A sign that this is confused with, and what tells them apart. */
    record Alike(Ref sign, List<Drawn> drawn, String tell) {}

    /** A cause that brings the sign, and how often. */
    record Brings(Ref cause, String kind, String often) {}

    /**
     * The page.
     *
     * @param look what to do to find out
     * @param kind the kind on which it is drawn
     * @param drawn each state
     * @param anyway how often it is there without any of the causes; empty for a sign of several states
     */
    record Page(
            String name,
            String look,
            String kind,
            String path,
            List<Drawn> drawn,
            List<Alike> alike,
            List<Brings> brings,
            Optional<String> anyway,
            String price,
            List<CaseHistory.Past> own) {}

    Optional<Page> page(CollectionId collection, FindingId id, Optional<PlantId> plant, Optional<String> kind) {
        return diagnosis.knowledge().finding(id).map(finding -> {
            Profile profile = profile(collection, finding, plant, kind);
            return new Page(
                    ReferenceSearch.name(finding),
                    finding.look(),
                    profile.name(),
                    ReferenceSearch.ref(finding).path(),
                    drawn(finding, signs.sheet(profile), true),
                    alike(finding, signs.sheet(profile)),
                    brings(finding),
                    finding.yesNo()
                            ? Optional.of(Percent.of(finding.states().get(0).usual()))
                            : Optional.empty(),
                    finding.minutes() < 1
                            ? Wording.say("reference.sign.moment")
                            : Wording.say("reference.sign.minutes", Math.round(finding.minutes())),
                    history.seen(collection, id));
        });
    }

    private Profile profile(CollectionId collection, Finding finding, Optional<PlantId> plant, Optional<String> kind) {
        return plant.map(id -> plants.profile(plants.plant(collection, id)))
                .or(() -> kind.flatMap(kinds::profile))
                .or(() -> finding.scope().stream()
                        .flatMap(scope -> kinds.profiles().stream().filter(one -> one.isAmong(Set.of(scope))))
                        .findFirst())
                .or(() -> kinds.profile(ReferenceSearch.USUAL_KIND))
                .orElseThrow();
    }

    private List<Drawn> drawn(Finding finding, SignSheet sheet, boolean sound) {
        List<Drawn> drawn = new ArrayList<>();
        (sound ? signs.all(finding) : signs.drawn(finding))
                .forEach(sign -> drawn.add(
                        new Drawn(finding.state(sign.state()).orElseThrow().words(), sheet.alone(sign))));
        return drawn;
    }

    private List<Alike> alike(Finding finding, SignSheet sheet) {
        List<Alike> alike = new ArrayList<>();
        for (SignKnowledge.Alike pair : signs.alike(finding)) {
            Finding other =
                    diagnosis.knowledge().finding(pair.than(finding.id())).orElseThrow();
            alike.add(new Alike(ReferenceSearch.ref(other), drawn(other, sheet, false), pair.tell()));
        }
        return alike;
    }

    private List<Brings> brings(Finding finding) {
        if (!finding.yesNo()) {
            return diagnosis.knowledge().disorders().stream()
                    .flatMap(cause -> state(cause, finding).stream())
                    .toList();
        }
        double anyway = finding.states().get(0).usual();
        return diagnosis.knowledge().disorders().stream()
                .filter(cause -> cause.signs().containsKey(finding.id()))
                .filter(cause -> Confusables.chance(cause, finding) >= Math.max(SPEAKS_FROM, 2 * anyway))
                .sorted(Comparator.comparingDouble((Disorder cause) -> Confusables.chance(cause, finding))
                        .reversed())
                .limit(CAUSES)
                .map(cause -> new Brings(
                        ReferenceSearch.ref(cause),
                        Wording.of(cause.kind()),
                        Percent.of(Confusables.chance(cause, finding))))
                .toList();
    }

    private static Optional<Brings> state(Disorder cause, Finding finding) {
        return Confusables.leaning(cause, finding)
                .map(state -> new Brings(ReferenceSearch.ref(cause), Wording.of(cause.kind()), state.words()));
    }
}

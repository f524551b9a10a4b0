package mildlantern.web.reference;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import mildlantern.diagnosis.Diagnosis;
import mildlantern.diagnosis.Disorder;
import mildlantern.diagnosis.Finding;
import mildlantern.diagnosis.FindingSearch;
import mildlantern.plant.KindNames;
import mildlantern.plant.PlantKnowledge;
import mildlantern.treatment.Means;
import mildlantern.treatment.TreatmentKnowledge;
import mildlantern.web.sign.SignSheet;
import mildlantern.web.sign.Signs;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Component;
import org.springframework.web.util.UriUtils;

/** Finds causes, signs and means by plain words; all of them where nothing is asked for. */
@Component
class ReferenceSearch {
    private static final int SIGNS = 12;
    private static final int KINDS = 12;

    /** On whose leaf all signs are drawn. */
    static final String USUAL_KIND = "philodendron";

    private final Diagnosis diagnosis;
    private final FindingSearch signs;
    private final TreatmentKnowledge treatment;
    private final PlantKnowledge kinds;
    private final Signs drawings;

    ReferenceSearch(
            Diagnosis diagnosis,
            FindingSearch signs,
            TreatmentKnowledge treatment,
            PlantKnowledge kinds,
            Signs drawings) {
        this.diagnosis = diagnosis;
        this.signs = signs;
        this.treatment = treatment;
        this.kinds = kinds;
        this.drawings = drawings;
    }

    /** A sign and its drawing, as SVG. */
    record Tile(Ref sign, String drawing) {}

    /**
     * What was found.
     *
     * @param causes by their group, in words
     * @param signs by where they are seen, in words
     * @param shared what the drawings have in common, as SVG
     * @param means means
     * @param kinds kinds of plants; none where nothing was asked for
     */
    record Page(
            Map<String, List<Ref>> causes,
            Map<String, List<Tile>> signs,
            String shared,
            List<Ref> means,
            List<Ref> kinds) {
        public boolean nothing() {
            return causes.isEmpty() && signs.isEmpty() && means.isEmpty() && kinds.isEmpty();
        }
    }

    Page page(String asked) {
        Map<String, List<Ref>> causes = new LinkedHashMap<>();
        for (Disorder.Kind kind : Disorder.Kind.values()) {
            List<Ref> ofKind = diagnosis.knowledge().disorders().stream()
                    .filter(cause -> cause.kind() == kind && matches(asked, cause.name(), cause.summary()))
                    .map(ReferenceSearch::ref)
                    .sorted(Comparator.comparing(Ref::name))
                    .toList();
            if (!ofKind.isEmpty()) {
                causes.put(Wording.of(kind), ofKind);
            }
        }
        Stream<Finding> found =
                asked.isEmpty() ? diagnosis.knowledge().findings().stream() : signs.find(asked, SIGNS).stream();
        SignSheet sheet = drawings.sheet(kinds.profile(USUAL_KIND).orElseThrow());
        Map<String, List<Tile>> seen = new LinkedHashMap<>();
        found.forEach(finding -> seen.merge(
                Wording.of(finding.parts().get(0)),
                List.of(new Tile(ref(finding), drawings.worst(sheet, finding))),
                (some, more) -> Stream.concat(some.stream(), more.stream()).toList()));
        List<Ref> means = treatment.all().stream()
                .filter(one -> matches(asked, one.name(), one.summary()))
                .map(ReferenceSearch::ref)
                .sorted(Comparator.comparing(Ref::name))
                .toList();
        List<Ref> called = asked.isEmpty()
                ? List.of()
                : new KindNames(kinds.profiles())
                        .called(asked).stream()
                                .limit(KINDS)
                                .map(kind -> new Ref(
                                        kind.name(),
                                        "/kinds?q=" + UriUtils.encode(kind.name(), StandardCharsets.UTF_8)))
                                .toList();
        return new Page(causes, seen, sheet.shared(), means, called);
    }

    private static boolean matches(String asked, String name, String summary) {
        String text = (name + " " + summary).toLowerCase(Locale.ROOT);
        return Arrays.stream(asked.toLowerCase(Locale.ROOT).split("\\s+")).allMatch(text::contains);
    }

    static Ref ref(Disorder cause) {
        return new Ref(cause.name(), "/reference/causes/" + cause.id());
    }

    static Ref ref(Finding finding) {
        return new Ref(name(finding), "/reference/signs/" + finding.id());
    }

    static Ref ref(Means means) {
        return new Ref(means.name(), "/reference/means/" + means.id());
    }

    /** What a sign is called: what is seen, or what is asked where it has several states. */
    static String name(Finding finding) {
        return finding.yesNo() ? finding.states().get(0).words() : finding.look();
    }
}

package mildlantern.diagnosis;

import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import mildlantern.knowledge.FindingId;

/** Which causes look alike by their signs, and the one sign that tells two of them apart best. */
public final class Confusables {
    /** Less alike than this, nobody confuses them. */
    private static final double ALIKE_FROM = 0.12;

    /** A cause leans to a state from so many times as likely as usual. */
    private static final double LEANS_FROM = 2;

    private final DiagnosisKnowledge knowledge;

    public Confusables(DiagnosisKnowledge knowledge) {
        this.knowledge = knowledge;
    }

    /**
     * A cause that looks alike.
     *
     * @param cause the other cause
     * @param tells the sign whose chances differ most between the two
     * @param here its chance under the one, 0 to 1
     * @param there its chance under the other
     */
    public record Rival(Disorder cause, Finding tells, double here, double there) {}

    /** The causes most like one, the most alike first, among those that can befall the same plants. */
    public List<Rival> of(Disorder cause, int most) {
        return knowledge.disorders().stream()
                .filter(other -> !other.id().equals(cause.id()) && shareHosts(cause, other))
                .filter(other -> alike(cause, other) >= ALIKE_FROM)
                .sorted(Comparator.comparingDouble((Disorder other) -> alike(cause, other))
                        .reversed())
                .flatMap(other -> telling(cause, other).stream())
                .limit(most)
                .toList();
    }

    private static boolean shareHosts(Disorder one, Disorder other) {
        Set<String> families = one.hosts().families();
        Set<String> others = other.hosts().families();
        boolean anywhere = families.isEmpty() && one.hosts().profiles().isEmpty()
                || others.isEmpty() && other.hosts().profiles().isEmpty();
        return anywhere
                || families.stream().anyMatch(others::contains)
                || one.hosts().profiles().stream().anyMatch(other.hosts().profiles()::contains);
    }

    /** What both show, as a share of what either shows, over all yes/no findings: 0 for nothing in common, 1 for the same signs. */
    private double alike(Disorder one, Disorder other) {
        double both = 0;
        double either = 0;
        for (FindingId id : signs(one, other)) {
            if (knowledge.finding(id).filter(Finding::yesNo).isPresent()) {
                double here = own(one, id);
                double there = own(other, id);
                both += Math.min(here, there);
                either += Math.max(here, there);
            }
        }
        return either > 0 ? both / either : 0;
    }

    private static Set<FindingId> signs(Disorder one, Disorder other) {
        Set<FindingId> ids = new HashSet<>(one.signs().keySet());
        ids.addAll(other.signs().keySet());
        return ids;
    }

    private static double own(Disorder cause, FindingId id) {
        return Optional.ofNullable(cause.signs().get(id))
                .map(sign -> sign.weights().get(0))
                .orElse(0.0);
    }

    /** The chance of a yes/no finding under a cause: brought by it, or there anyway. */
    public static double chance(Disorder cause, Finding finding) {
        double anyway = finding.states().get(0).usual();
        return 1 - (1 - own(cause, finding.id())) * (1 - anyway);
    }

    /** The state of a finding that a cause makes much likelier than usual; empty where it leans to none. */
    public static Optional<Finding.State> leaning(Disorder cause, Finding finding) {
        return Optional.ofNullable(cause.signs().get(finding.id()))
                .filter(sign -> !finding.yesNo())
                .map(Disorder.Sign::weights)
                .filter(weights -> Collections.max(weights) >= LEANS_FROM)
                .map(weights -> finding.states().get(weights.indexOf(Collections.max(weights))));
    }

    private Optional<Rival> telling(Disorder cause, Disorder other) {
        return signs(cause, other).stream()
                .flatMap(id -> knowledge.finding(id).stream())
                .filter(Finding::yesNo)
                .map(finding -> new Rival(other, finding, chance(cause, finding), chance(other, finding)))
                .max(Comparator.comparingDouble((Rival rival) -> tellsApart(rival.here(), rival.there()))
                        .thenComparing(rival -> rival.tells().id()));
    }

    /** How far two chances lie apart, in log-odds and seen often enough under one of them to be worth the look. */
    private static double tellsApart(double here, double there) {
        return Math.abs(Math.log(here / (1 - here)) - Math.log(there / (1 - there))) * Math.max(here, there);
    }
}

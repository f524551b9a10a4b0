package mildlantern.web.casework;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import mildlantern.diagnosis.Diagnosis;
import mildlantern.diagnosis.Disorder;
import mildlantern.knowledge.DisorderId;
import mildlantern.knowledge.Words;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How opinion moved in a case: every ladder that it ever showed, as lines over the answers. */
@Service
@Transactional(readOnly = true)
class CaseStory {
    private static final double LEFT = 44;
    private static final double RIGHT = 250;
    private static final double WIDTH = 960;
    private static final double TOP = 16;
    private static final double HEIGHT = 330;
    private static final double FOOT = 30;
    private static final double LABELS_APART = 18;

    /** Only causes that were at least this likely at some time have a line. */
    private static final double SHOWN_FROM = 0.1;

    private static final int MOST_LINES = 7;

    private final CaseBook book;
    private final CaseRepositories.Opinions opinions;
    private final Plants plants;
    private final Diagnosis diagnosis;

    CaseStory(CaseBook book, CaseRepositories.Opinions opinions, Plants plants, Diagnosis diagnosis) {
        this.book = book;
        this.opinions = opinions;
        this.plants = plants;
        this.diagnosis = diagnosis;
    }

    CaseViews.StoryPage page(CollectionId collection, CaseId caseId) {
        TroubleCase troubleCase = book.find(collection, caseId);
        Map<Integer, List<CaseOpinion>> ladders = new TreeMap<>();
        opinions.of(collection, caseId)
                .forEach(opinion -> ladders.computeIfAbsent(opinion.seq(), seq -> new ArrayList<>())
                        .add(opinion));
        List<CaseViews.StoryStep> steps = new ArrayList<>();
        List<List<CaseOpinion>> all = List.copyOf(ladders.values());
        for (int i = 0; i < all.size(); i++) {
            steps.add(step(i, x(i, all.size()), all.get(i)));
        }
        return new CaseViews.StoryPage(
                caseId,
                plants.plant(collection, troubleCase.plant()).name(),
                Wording.say("casework.case-story.how-ranking-changed"),
                lines(all),
                steps,
                WIDTH,
                HEIGHT);
    }

    private static double x(int step, int steps) {
        return steps == 1 ? LEFT : LEFT + (WIDTH - RIGHT - LEFT) * step / (steps - 1.0);
    }

    private static double y(double probability) {
        return TOP + (HEIGHT - TOP - FOOT) * (1 - probability);
    }

    private CaseViews.StoryStep step(int number, double x, List<CaseOpinion> ladder) {
        CaseOpinion first = ladder.get(0);
        LocalDate day = first.onDay();
        String answered = Optional.ofNullable(first.finding())
                .map(id -> TrialBoxes.words(book.finding(id), first.state()))
                .orElse(
                        number == 0
                                ? Wording.say("casework.case-story.before-any-look-from")
                                : Wording.say("casework.case-story.recalled-something"));
        return new CaseViews.StoryStep(
                number, x, day, answered, name(first.cause()), Ladder.percent(first.probability()));
    }

    private List<CaseViews.StoryLine> lines(List<List<CaseOpinion>> ladders) {
        Map<DisorderId, Double> highest = new LinkedHashMap<>();
        Map<DisorderId, Double> last = new LinkedHashMap<>();
        ladders.forEach(ladder -> {
            last.clear();
            ladder.forEach(opinion -> {
                highest.merge(opinion.cause(), opinion.probability(), Math::max);
                last.put(opinion.cause(), opinion.probability());
            });
        });
        List<DisorderId> shown = highest.entrySet().stream()
                .filter(cause -> cause.getValue() >= SHOWN_FROM)
                .sorted(Map.Entry.<DisorderId, Double>comparingByValue().reversed())
                .limit(MOST_LINES)
                .map(Map.Entry::getKey)
                .sorted(Comparator.comparingDouble((DisorderId cause) -> last.getOrDefault(cause, 0.0))
                        .reversed())
                .toList();
        List<CaseViews.StoryLine> lines = new ArrayList<>();
        double lowest = TOP - LABELS_APART;
        for (DisorderId cause : shown) {
            double end = last.getOrDefault(cause, 0.0);
            lowest = Math.max(y(end) + 4, lowest + LABELS_APART);
            lines.add(new CaseViews.StoryLine(
                    name(cause),
                    diagnosis
                            .knowledge()
                            .disorder(cause)
                            .map(Disorder::kind)
                            .map(Words::id)
                            .orElse("normal"),
                    path(cause, ladders),
                    WIDTH - RIGHT + 12,
                    lowest,
                    Ladder.percent(end)));
        }
        return lines;
    }

    /** A cause that fell below those kept stands at the foot. */
    private static String path(DisorderId cause, List<List<CaseOpinion>> ladders) {
        StringBuilder path = new StringBuilder();
        for (int i = 0; i < ladders.size(); i++) {
            double probability = ladders.get(i).stream()
                    .filter(opinion -> opinion.cause().equals(cause))
                    .mapToDouble(CaseOpinion::probability)
                    .findFirst()
                    .orElse(0);
            path.append(String.format(
                    Locale.ROOT, "%s%.1f %.1f", i == 0 ? "M" : "L", x(i, ladders.size()), y(probability)));
        }
        return path.toString();
    }

    private String name(DisorderId cause) {
        return diagnosis.knowledge().disorder(cause).map(Disorder::name).orElse(cause.value());
    }
}

package mildlantern.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.KnowledgeFiles;
import mildlantern.knowledge.Words;
import mildlantern.plant.EventKind;
import mildlantern.plant.Medium;
import mildlantern.plant.Near;
import mildlantern.plant.PlantRecord;
import mildlantern.plant.PlantRecord.Event;
import mildlantern.plant.Profile;
import mildlantern.quantity.Limits;
import mildlantern.quantity.Range;

/** Turns a plant's record into facts that speak for or against causes, each with its sentence. */
final class RecordFacts {
    private static final double DAYS_A_WEEK = 7;

    /** One reading of a pot is a hint, two tell how it dries. */
    private static final int READINGS_THAT_TELL = 2;

    private static final Set<EventKind> CHANGES_OF_PLACE =
            Set.of(EventKind.ACQUIRED, EventKind.MOVED, EventKind.BROUGHT_IN, EventKind.PUT_OUT);
    private static final Map<EventKind, String> DAYS_SINCE = Stream.of(EventKind.values())
            .filter(event -> event != EventKind.MOVED)
            .collect(Collectors.toUnmodifiableMap(
                    event -> event, event -> Words.id(event).replace("-flowering", "") + ".days"));

    private final Map<String, Entry> sentences;
    private final FactSentences factSentences;

    RecordFacts(Map<String, Entry> sentences, FactSentences factSentences) {
        this.sentences = sentences;
        this.factSentences = factSentences;
    }

    static RecordFacts load() {
        Map<String, Entry> sentences = KnowledgeFiles.open("facts.yaml").children();
        return new RecordFacts(sentences, new FactSentences(sentences, KnowledgeFiles.open("words.yaml")));
    }

    /** Ids of the facts that have a sentence; rules may name these only. */
    Set<String> ids() {
        return sentences.keySet();
    }

    /** What the record tells, in a fixed order. */
    List<Fact> of(PlantRecord record) {
        return new Reading(record).facts();
    }

    private final class Reading {
        private final PlantRecord record;
        private final Profile profile;
        private final List<Fact> facts = new ArrayList<>();

        Reading(PlantRecord record) {
            this.record = record;
            this.profile = record.profile();
        }

        List<Fact> facts() {
            record.season().ifPresent(season -> word("season", season));
            record.wants().ifPresent(wants -> word("phase", wants.phase()));
            record.stage().ifPresent(stage -> word("stage", stage));
            word("family", profile.family());
            words("profile", profile.kin(), profile.name());
            place();
            watering();
            pot();
            feeding();
            events();
            record.bloomDays()
                    .ifPresent(days -> number(
                            "bloom.age",
                            days / (profile.bloomWeeks().high() * DAYS_A_WEEK),
                            FactFigures.figures(
                                    "weeks", Limits.plain(Math.rint(days / DAYS_A_WEEK)),
                                    "low", Limits.plain(profile.bloomWeeks().low()),
                                    "high", Limits.plain(profile.bloomWeeks().high()))));
            return List.copyOf(facts);
        }

        private void place() {
            PlantRecord.Place place = record.place();
            place.light().ifPresent(light -> {
                word("light", light);
                // A plant at rest is not short of light.
                if (light.ordinal() < profile.light().ordinal() && record.atRest()) {
                    return;
                }
                number(
                        "light.gap",
                        light.ordinal() - profile.light().ordinal(),
                        FactFigures.figures(
                                "light",
                                factSentences.wording("light", light),
                                "wanted",
                                factSentences.wording("light", profile.light())));
            });
            Range humidity = record.humidityWanted();
            place.humidity()
                    .ifPresent(rh -> number(
                            "rh.gap",
                            rh.percent() - humidity.low(),
                            FactFigures.span(humidity, "rh", Limits.plain(rh.percent()))));
            Range days = record.dayWanted();
            place.day().ifPresent(day -> {
                number("day", day.celsius(), FactFigures.figures());
                number(
                        "day.over",
                        day.celsius() - days.high(),
                        FactFigures.span(days, "day", Limits.plain(day.celsius())));
            });
            double coldest = record.coldestNight();
            place.night().ifPresent(night -> {
                number("night", night.celsius(), FactFigures.figures());
                number(
                        "night.under",
                        coldest - night.celsius(),
                        FactFigures.figures(
                                "night", Limits.plain(night.celsius()),
                                "wanted", Limits.plain(coldest)));
            });
            place.wetHours().ifPresent(hours -> number("wet-hours", hours, FactFigures.figures()));
            place.near().ifPresent(near -> {
                for (Near thing : Near.values()) {
                    if (near.contains(thing)) {
                        yesNo("near." + Words.id(thing), true);
                    }
                }
            });
            place.crowded().ifPresent(crowded -> yesNo("crowded", crowded));
            place.air().ifPresent(air -> word("air", air));
            Range light = record.lightWanted();
            place.dailyLight().ifPresent(mol -> {
                Map<String, String> figures = FactFigures.span(
                        new Range(FactFigures.tenths(light.low()), FactFigures.tenths(light.high())),
                        "mol",
                        Limits.plain(FactFigures.tenths(mol)));
                number("light.measured", mol / Math.max(0.1, light.low()), figures);
                number("light.most", mol / light.high(), figures);
            });
        }

        private void watering() {
            PlantRecord.Watering watering = record.watering();
            Range usual = record.usualDaysBetween();
            watering.lastDays()
                    .ifPresent(days ->
                            number("water.since", days / usual.middle(), FactFigures.rounded(usual, "days", days)));
            watering.intervalDays()
                    .ifPresent(days ->
                            number("water.pace", days / usual.middle(), FactFigures.rounded(usual, "days", days)));
            watering.drying().ifPresent(this::drying);
            watering.source().ifPresent(source -> word("water.source", source));
            watering.misted().ifPresent(misted -> yesNo("misted", misted));
            watering.overTop().ifPresent(overTop -> yesNo("over-top", overTop));
            watering.outerPot().ifPresent(outerPot -> yesNo("outer-pot", outerPot));
            watering.drainHoles().ifPresent(drainHoles -> yesNo("drain-holes", drainHoles));
        }

        private void drying(PlantRecord.Drying drying) {
            drying.earlyShare()
                    .ifPresent(share -> number(
                            "water.early",
                            share,
                            FactFigures.figures("percent", Limits.plain(Math.rint(100 * share)))));
            if (drying.observed() >= READINGS_THAT_TELL) {
                double slow = drying.cycleDays() / Math.max(0.1, drying.expectedDays());
                Map<String, String> figures = FactFigures.figures(
                        "days", Limits.plain(FactFigures.tenths(drying.cycleDays())),
                        "expected", Limits.plain(FactFigures.tenths(drying.expectedDays())));
                number("drying.days", drying.cycleDays(), figures);
                number("drying.slow", slow, figures);
            }
        }

        private void pot() {
            PlantRecord.Pot pot = record.pot();
            pot.months().ifPresent(months -> number("pot.months", months, FactFigures.figures()));
            pot.medium().ifPresent(medium -> {
                word("medium", medium.id(), medium.name());
                boolean fits = profile.media().contains(medium.id());
                add(
                        "medium.fits",
                        OptionalDouble.empty(),
                        List.of(fits ? "yes" : "no"),
                        FactFigures.figures("medium", medium.name()));
                pot.months().ifPresent(months -> age(medium, months));
            });
        }

        private void age(Medium medium, double months) {
            Map<String, String> figures =
                    FactFigures.span(medium.lifeMonths(), "months", Limits.plain(Math.rint(months)));
            figures.put("medium", medium.name());
            number("pot.age", months / medium.lifeMonths().middle(), figures);
        }

        private void feeding() {
            record.feeding().lastDays().ifPresent(days -> number("feed.days", days, FactFigures.figures()));
            record.feeding().strength().ifPresent(strength -> word("feed.strength", strength));
            record.feeding().pot().ifPresent(pot -> {
                number(
                        "pot.nitrogen",
                        pot.nitrogen() / Math.max(0.1, pot.hungryBelow()),
                        FactFigures.figures(
                                "mg", Limits.plain(Math.rint(pot.nitrogen())),
                                "least", Limits.plain(pot.hungryBelow())));
                number(
                        "pot.salts",
                        pot.conductivity() / Math.max(0.01, pot.saltyAbove()),
                        FactFigures.figures(
                                "ms", Limits.plain(FactFigures.tenths(pot.conductivity())),
                                "most", Limits.plain(FactFigures.tenths(pot.saltyAbove()))));
            });
        }

        private void events() {
            latest(CHANGES_OF_PLACE).ifPresent(event -> {
                Map<String, String> what = FactFigures.figures(
                        "what", factSentences.wording("event", event.kind()), "days", Limits.plain(event.daysAgo()));
                number("change.days", event.daysAgo(), what);
                event.temperatureStep().ifPresent(step -> {
                    what.put("step", (step > 0 ? "+" : "−") + Limits.plain(Math.abs(step)));
                    number("change.temp", Math.abs(step), what);
                });
                event.lightRatio().ifPresent(ratio -> {
                    what.put("ratio", Limits.plain(ratio));
                    number("change.light", ratio, what);
                });
            });
            DAYS_SINCE.entrySet().stream()
                    .sorted(Map.Entry.comparingByKey())
                    .forEach(kind -> latest(Set.of(kind.getKey()))
                            .ifPresent(event -> number(kind.getValue(), event.daysAgo(), FactFigures.figures())));
            latest(Set.of(EventKind.CHILLED))
                    .ifPresent(event -> event.temperatureStep()
                            .ifPresent(step -> number("chilled.step", Math.abs(step), FactFigures.figures())));
            latest(Set.of(EventKind.SPRAYED))
                    .ifPresent(event -> event.with()
                            .ifPresent(with -> add(
                                    "sprayed.with",
                                    OptionalDouble.empty(),
                                    List.of(Words.id(with)),
                                    FactFigures.figures(
                                            "value",
                                            factSentences.wording("sprayed.with", with),
                                            "days",
                                            Limits.plain(event.daysAgo())))));
        }

        private Optional<Event> latest(Set<EventKind> kinds) {
            return record.events().stream()
                    .filter(event -> kinds.contains(event.kind()))
                    .min(Comparator.comparingDouble(Event::daysAgo));
        }

        private void number(String id, double value, Map<String, String> figures) {
            figures.putIfAbsent("value", Limits.plain(value));
            add(id, OptionalDouble.of(value), List.of(), figures);
        }

        private void yesNo(String id, boolean value) {
            word(id, value ? "yes" : "no", value ? "yes" : "no");
        }

        private void word(String id, Enum<?> value) {
            word(id, Words.id(value), factSentences.wording(id, value));
        }

        private void word(String id, String value, String wording) {
            words(id, List.of(value), wording);
        }

        private void words(String id, List<String> values, String wording) {
            add(id, OptionalDouble.empty(), values, FactFigures.figures("value", wording));
        }

        private void add(String id, OptionalDouble number, List<String> words, Map<String, String> figures) {
            String word = words.isEmpty() ? "" : words.get(0);
            facts.add(new Fact(
                    id,
                    number,
                    words,
                    factSentences.sentence(id, word, "for", figures),
                    factSentences.sentence(id, word, "against", figures)));
        }
    }
}

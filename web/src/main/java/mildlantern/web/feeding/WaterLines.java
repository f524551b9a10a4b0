package mildlantern.web.feeding;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mildlantern.nutrition.WaterAnalysis;
import mildlantern.nutrition.Waters;
import mildlantern.plant.WaterSource;
import mildlantern.quantity.Limits;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.words.DayFormat;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Component;

/** The waters a collection is watered with: what is in each, and what it does to whom. */
@Component
class WaterLines {
    static final DayFormat DAY = DayFormat.YEAR;

    private final Plants plants;
    private final Waters waters;
    private final OwnWaters ownWaters;

    WaterLines(Plants plants, Waters waters, OwnWaters ownWaters) {
        this.plants = plants;
        this.waters = waters;
        this.ownWaters = ownWaters;
    }

    List<FeedingViews.WaterLine> waterLines(CollectionId collection, List<Plant> plants) {
        Map<WaterSource, List<Plant>> users = new EnumMap<>(WaterSource.class);
        plants.stream()
                .filter(plant -> plant.waterSource() != null)
                .forEach(plant -> users.computeIfAbsent(
                                Objects.requireNonNull(plant.waterSource()), source -> new ArrayList<>())
                        .add(plant));
        Map<WaterSource, WaterAnalysis> analyses = ownWaters.analyses(collection);
        Map<WaterSource, LocalDate> analysed = ownWaters.analysed(collection);
        Set<WaterSource> sources = EnumSet.noneOf(WaterSource.class);
        sources.addAll(users.keySet());
        sources.addAll(analysed.keySet());
        List<FeedingViews.WaterLine> lines = new ArrayList<>();
        for (WaterSource source : sources) {
            WaterAnalysis water = Objects.requireNonNull(analyses.get(source));
            List<String> bad = new ArrayList<>();
            for (Plant plant : users.getOrDefault(source, List.of())) {
                Waters.Judged judged = waters.judge(this.plants.profile(plant), water, 0);
                if (judged.verdict() != Waters.Verdict.SUITS) {
                    bad.add(plant.name() + ": "
                            + judged.reasons().stream().map(Wording::of).collect(Collectors.joining(" ")));
                }
            }
            int all = users.getOrDefault(source, List.of()).size();
            lines.add(new FeedingViews.WaterLine(
                    source,
                    Wording.of(source),
                    analysis(water),
                    Optional.ofNullable(analysed.get(source))
                            .map(day -> Wording.say("feeding.water-lines.your-analysis", DAY.format(day)))
                            .orElse(Wording.say("feeding.water-lines.typical-analysis-enter-yours")),
                    all == 0
                            ? Wording.say("feeding.water-lines.no-plant-gets")
                            : bad.isEmpty()
                                    ? (all == 1
                                            ? Wording.say("feeding.water-lines.plant-gets-tolerates")
                                            : Wording.say("feeding.water-lines.all-plants-get-tolerate", all))
                                    : Wording.say("feeding.water-lines.plants-get-tolerate", (all - bad.size()), all),
                    List.copyOf(bad)));
        }
        return lines;
    }

    private String analysis(WaterAnalysis water) {
        List<String> parts = new ArrayList<>();
        parts.add(Wording.say(
                "feeding.water-lines.ms-cm-about-mg",
                Limits.plain(water.conductivity()),
                Math.round(waters.dissolvedMg(water))));
        water.hardness().ifPresent(mg -> parts.add(Wording.say("feeding.water-lines.hardness", Limits.plain(mg))));
        water.alkalinity().ifPresent(mg -> parts.add(Wording.say("feeding.water-lines.alkalinity", Limits.plain(mg))));
        water.sodium().ifPresent(mg -> parts.add(Wording.say("feeding.water-lines.sodium", Limits.plain(mg))));
        return String.join(", ", parts);
    }
}

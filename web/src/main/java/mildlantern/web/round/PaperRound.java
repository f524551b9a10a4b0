package mildlantern.web.round;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.stop.Stop;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The round on paper. */
@Service
@Transactional(readOnly = true)
class PaperRound {
    private final RoundService rounds;
    private final SlipMaker slips;

    PaperRound(RoundService rounds, SlipMaker slips) {
        this.rounds = rounds;
        this.slips = slips;
    }

    /** The round on paper, for a helper. */
    public RoundViews.Sheet sheet(CollectionId collection, String name) {
        DueToday today = rounds.today(collection);
        List<RoundViews.SheetStop> stops = new ArrayList<>();
        List<PlantDue> all = new ArrayList<>();
        for (Stop stop : today.walk) {
            if (today.due(stop).all() == 0) {
                continue;
            }
            List<PlantDue> due = today.plants(stop).stream()
                    .filter(plant -> !plant.dues().isEmpty())
                    .toList();
            all.addAll(due);
            stops.add(new RoundViews.SheetStop(
                    stop.name(),
                    RoundWords.climate(stop, today.now(stop)),
                    Stream.concat(
                                    due.stream()
                                            .flatMap(plant ->
                                                    plant.dues().stream().map(it -> slips.line(plant, it))),
                                    rounds.byHand(today, stop.id()).stream()
                                            .filter(line -> !line.plant().isEmpty())
                                            .map(line ->
                                                    new RoundViews.SheetLine(line.name(), "", line.words(), "", false)))
                            .toList()));
        }
        return new RoundViews.Sheet(today.day, name, slips.carry(all), stops);
    }
}

package mildlantern.web.round;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import mildlantern.log.LogKind;
import mildlantern.plant.PlantId;
import mildlantern.plant.WaterSource;
import mildlantern.round.Due;
import mildlantern.round.Lamp;
import mildlantern.web.log.LogBook;
import mildlantern.web.log.LogLine;
import mildlantern.web.log.LogWords;
import mildlantern.web.plant.Plants;
import mildlantern.web.words.Unit;
import mildlantern.web.words.Units;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Component;

/** Makes the slip of a plant: what is due on it in words, and what can be pressed. */
@Component
class SlipMaker {
    private final LogBook logBook;
    private final Plants plants;

    SlipMaker(LogBook logBook, Plants plants) {
        this.logBook = logBook;
        this.plants = plants;
    }

    /** What was written of some plants today, the latest last. */
    Map<PlantId, List<RoundViews.Done>> doneToday(DueToday today, List<PlantDue> plants) {
        Map<PlantId, List<RoundViews.Done>> done = new HashMap<>();
        List<PlantId> ids = plants.stream().map(plant -> plant.plant().id()).toList();
        logBook.on(today.collection, today.day, ids).stream()
                .sorted(Comparator.comparing(LogLine::writtenAt))
                .forEach(row -> done.computeIfAbsent(row.plant(), plant -> new ArrayList<>())
                        .add(new RoundViews.Done(row.id(), said(row))));
        return done;
    }

    private static String said(LogLine row) {
        return row.kind() == LogKind.PUT_OFF
                ? Wording.say(
                        "round.slip-maker.postponed",
                        row.words().map(why -> ": " + why).orElse(""))
                : LogWords.said(row);
    }

    RoundViews.Slip slip(PlantDue plant, int mark, Map<PlantId, List<RoundViews.Done>> done, boolean waiting) {
        List<Due> dues = plant.dues();
        return new RoundViews.Slip(
                plant.plant().id(),
                plant.plant().name(),
                mark,
                dues.stream().map(SlipMaker::said).toList(),
                dues.stream()
                        .filter(due -> due.kind().ofCase())
                        .findFirst()
                        .map(due -> due.kind() == Due.Kind.LOOK_AGAIN
                                ? Wording.say("round.slip-maker.look-again")
                                : Wording.say("round.slip-maker.open-case")),
                has(plant, Due.Kind.COURSE_STEP) ? plant.course() : Optional.empty(),
                has(plant, Due.Kind.MOVE_STEP) ? plant.errand() : Optional.empty(),
                pour(plant),
                has(plant, Due.Kind.ROUTINE_LOOK)
                        || has(plant, Due.Kind.ISOLATION_LOOK)
                        || has(plant, Due.Kind.ASKED_LOOK),
                plant.change() && has(plant, Due.Kind.ASKED_LOOK),
                has(plant, Due.Kind.FEED),
                has(plant, Due.Kind.EMPTY_CUP),
                done.getOrDefault(plant.plant().id(), List.of()),
                UUID.randomUUID().toString(),
                "",
                waiting);
    }

    /** The same slip with what was wrong with what was pressed. */
    static RoundViews.Slip with(RoundViews.Slip slip, String problem) {
        return new RoundViews.Slip(
                slip.plant(),
                slip.name(),
                slip.mark(),
                slip.said(),
                slip.caseWords(),
                slip.course(),
                slip.errand(),
                slip.pour(),
                slip.look(),
                slip.change(),
                slip.feed(),
                slip.cup(),
                slip.done(),
                slip.form(),
                problem,
                false);
    }

    private static boolean has(PlantDue plant, Due.Kind kind) {
        return plant.dues().stream().anyMatch(due -> due.kind() == kind);
    }

    private Optional<RoundViews.Pour> pour(PlantDue plant) {
        if (!Carrying.pours(plant)) {
            return Optional.empty();
        }
        WaterSource source = Carrying.source(plant, plants);
        return Optional.of(
                new RoundViews.Pour(has(plant, Due.Kind.FILL_TRAY), ml(plant), source.name(), Wording.of(source)));
    }

    /** A round figure: nobody pours 387 mL. */
    private static int ml(PlantDue plant) {
        int exact = plant.row().map(row -> row.pourMl()).orElse(0);
        int step = exact < 200 ? 10 : exact < 1000 ? 20 : 100;
        return Math.max(10, Math.round((float) exact / step) * step);
    }

    private static RoundViews.Said said(Due due) {
        String lamp = due.kind().lamp() == Lamp.BRIGHT ? "bright" : "low";
        return switch (due.kind()) {
            case LOOK_AGAIN ->
                new RoundViews.Said(
                        Wording.say("round.slip-maker.case-look-again"), "case", lamp, Wording.of(due.why()));
            case OPEN_CASE ->
                new RoundViews.Said(
                        Wording.say("round.slip-maker.case-causes-weigh"), "case", lamp, Wording.of(due.why()));
            case COURSE_STEP ->
                new RoundViews.Said(
                        Wording.say("round.slip-maker.treatment-step-due"), "case", lamp, Wording.of(due.why()));
            case MOVE_STEP ->
                new RoundViews.Said(Wording.say("round.slip-maker.way-step"), "case", lamp, Wording.of(due.why()));
            case BY_HAND ->
                new RoundViews.Said(Wording.say("round.round.by-hand"), "case", lamp, Wording.of(due.why()));
            case ASKED_LOOK ->
                new RoundViews.Said(Wording.say("round.slip-maker.look-asked"), "look", lamp, Wording.of(due.why()));
            case WATER ->
                new RoundViews.Said(Wording.say("round.slip-maker.water"), "water", lamp, Wording.of(due.why()));
            case FILL_TRAY ->
                new RoundViews.Said(Wording.say("round.slip-maker.water-tray"), "water", lamp, Wording.of(due.why()));
            case ISOLATION_LOOK ->
                new RoundViews.Said(
                        Wording.say("round.slip-maker.isolated-daily-look"), "look", lamp, Wording.of(due.why()));
            case ROUTINE_LOOK ->
                new RoundViews.Said(Wording.say("round.slip-maker.look"), "look", lamp, Wording.of(due.why()));
            case FEED -> new RoundViews.Said(Wording.say("round.slip-maker.feed"), "food", lamp, Wording.of(due.why()));
            case EMPTY_CUP ->
                new RoundViews.Said(Wording.say("round.slip-maker.cup-evening"), "water", lamp, Wording.of(due.why()));
        };
    }

    /** What to carry for some plants. */
    List<RoundViews.Carry> carry(List<PlantDue> plants) {
        Map<Carrying, Integer> water = new EnumMap<>(Carrying.class);
        boolean look = false;
        Set<String> feeds = new TreeSet<>();
        boolean probe = false;
        for (PlantDue plant : plants) {
            if (Carrying.pours(plant)) {
                water.merge(Carrying.water(Carrying.source(plant, this.plants)), ml(plant), Integer::sum);
                probe = true;
            }
            look |= plant.dues().stream()
                    .anyMatch(due -> due.kind() != Due.Kind.FEED && !due.kind().ofWater());
            if (has(plant, Due.Kind.FEED)) {
                feeds.add(Carrying.mix(plant).replaceFirst("^With ", ""));
            }
        }
        List<RoundViews.Carry> carry = new ArrayList<>();
        water.forEach((kind, ml) -> carry.add(new RoundViews.Carry(
                kind == Carrying.RAIN
                        ? Wording.say("round.slip-maker.rain-water")
                        : kind == Carrying.PURE
                                ? Wording.say("round.slip-maker.pure-water")
                                : Wording.say("round.slip-maker.tap-water"),
                "water",
                RoundSummary.litres(ml))));
        feeds.forEach(mix -> carry.add(new RoundViews.Carry(mix, "food", "")));
        if (look) {
            carry.add(new RoundViews.Carry(Wording.say("round.slip-maker.lens-white-card"), "look", ""));
        }
        if (probe) {
            carry.add(new RoundViews.Carry(Wording.say("round.slip-maker.long-probe"), "root", ""));
        }
        return carry;
    }

    /** One due thing on paper. */
    RoundViews.SheetLine line(PlantDue plant, Due due) {
        String what = switch (due.kind()) {
            case LOOK_AGAIN -> Wording.say("round.slip-maker.look-again-case");
            case OPEN_CASE -> Wording.say("round.slip-maker.open-case-ask-owner");
            case WATER ->
                Wording.say("round.slip-maker.feel-pot-if-dry", Units.shown(ml(plant), Unit.Of.VOLUME), words(plant));
            case FILL_TRAY ->
                Wording.say("round.slip-maker.fill-tray", Units.shown(ml(plant), Unit.Of.VOLUME), words(plant));
            case COURSE_STEP -> Wording.say("round.slip-maker.treatment-step-ask-owner");
            case MOVE_STEP -> Wording.say("round.slip-maker.move", Wording.of(due.why()));
            case BY_HAND -> Wording.say("round.round.by-hand");
            case ASKED_LOOK, ISOLATION_LOOK, ROUTINE_LOOK -> Wording.say("round.slip-maker.turn-leaves-over");
            case FEED -> Wording.say("round.slip-maker.feed");
            case EMPTY_CUP -> Wording.say("round.slip-maker.empty-cup");
        };
        return new RoundViews.SheetLine(
                plant.plant().name(),
                Optional.ofNullable(plant.plant().accession()).orElse(""),
                what,
                Wording.of(due.why()),
                due.kind().half() == Due.Half.EVENING);
    }

    private String words(PlantDue plant) {
        return Wording.of(Carrying.source(plant, plants));
    }
}

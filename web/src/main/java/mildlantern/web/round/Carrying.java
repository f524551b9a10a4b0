package mildlantern.web.round;

import java.util.Optional;
import mildlantern.message.MessageKey;
import mildlantern.plant.WaterSource;
import mildlantern.plant.WaterWant;
import mildlantern.round.Due;
import mildlantern.web.plant.Plants;
import mildlantern.web.routine.ScheduleRow;
import mildlantern.web.words.Wording;

/** What is carried along for a piece of work; work for which the same is carried is done together. */
enum Carrying implements MessageKey {
    CASE,
    COURSE,
    MOVE,
    RAIN,
    PURE,
    TAP,
    LENS,
    FEED,
    NOTHING;

    String words() {
        return Wording.of(this);
    }

    /** For the most pressing of what is due on a plant. */
    static Carrying of(PlantDue plant, Plants plants) {
        return switch (plant.dues().get(0).kind()) {
            case LOOK_AGAIN, OPEN_CASE -> CASE;
            case WATER, FILL_TRAY -> water(source(plant, plants));
            case COURSE_STEP -> COURSE;
            case MOVE_STEP -> MOVE;
            case ASKED_LOOK, ISOLATION_LOOK, ROUTINE_LOOK -> LENS;
            case FEED -> FEED;
            case EMPTY_CUP, BY_HAND -> NOTHING;
        };
    }

    /** What is carried for it in words; feeds are told apart by what is mixed. */
    static String words(PlantDue plant, Plants plants) {
        Carrying carrying = of(plant, plants);
        return carrying == FEED ? mix(plant) : carrying.words();
    }

    /** The mix that a plant is fed with, in words. */
    static String mix(PlantDue plant) {
        return plant.row()
                .flatMap(ScheduleRow::feed)
                .map(feed -> switch (feed.way()) {
                    case ROOTS -> Wording.say("round.carrying.feed-mg-l-nitrogen", Math.round(feed.mgNitrogen()));
                    case SNAP_TRAPS -> Wording.say("round.carrying.prey");
                    case PITCHERS, STICKY_LEAVES -> Wording.say("round.carrying.organic-feed-traps");
                })
                .orElse(FEED.words());
    }

    /** The water it gets: what it is known to be given, otherwise what its kind must have. */
    static WaterSource source(PlantDue plant, Plants plants) {
        return Optional.ofNullable(plant.plant().waterSource())
                .orElseGet(() -> plants.profile(plant.plant()).water() == WaterWant.ANY
                        ? WaterSource.SOFT_TAP
                        : WaterSource.RAIN);
    }

    static Carrying water(WaterSource source) {
        return switch (source) {
            case RAIN -> RAIN;
            case REVERSE_OSMOSIS, DISTILLED -> PURE;
            case SOFT_TAP, HARD_TAP, SOFTENED_TAP -> TAP;
        };
    }

    /** Whether anything of this kind of work is done with water. */
    static boolean pours(PlantDue plant) {
        return plant.dues().stream().map(Due::kind).anyMatch(Due.Kind::ofWater);
    }
}

package mildlantern.handwork;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Function;
import mildlantern.handwork.CutDeed.Because;
import mildlantern.handwork.CutDeed.Deed;
import mildlantern.handwork.CutDeed.Place;
import mildlantern.handwork.CutState.Part;
import mildlantern.knowledge.KnowledgeException;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.Profile;
import mildlantern.plant.Season;

/** How far a plant is cut back, where, and when. */
public final class CutBack {
    private final CutHabits habits;

    private CutBack(CutHabits habits) {
        this.habits = habits;
    }

    /**
     * @throws KnowledgeException if {@code cut-back.yaml} is wrong; the message names the key
     */
    public static CutBack load(PlantKnowledge plants) {
        return new CutBack(CutHabits.load(plants));
    }

    /** What a plant of a kind may be cut for. */
    public List<CutAim> aims(Profile kind) {
        CutHabits.Habit habit = habits.of(kind);
        List<CutAim> aims = new ArrayList<>(List.of(CutAim.FULLER));
        if (habits.twiggy(kind)) {
            aims.add(CutAim.TWIGS);
        }
        if (habit.pinchWeeks().isPresent()) {
            aims.add(CutAim.PINCH);
        }
        if (habit.canes()) {
            aims.add(CutAim.CANES);
        }
        if (habit.sheaths()) {
            aims.add(CutAim.SHEATHS);
        }
        aims.add(CutAim.FLOWERED);
        return List.copyOf(aims);
    }

    /** The heights at which a twig is tested, from its tip down: shares of its length from its base. */
    public List<Double> twig() {
        return habits.twig();
    }

    /**
     * What is cut.
     *
     * @param kind the kind of plant
     * @param state the part and its plant
     * @param today the day of the question
     * @param seasons the season of each day where the plant stands
     */
    public CutDeed decide(Profile kind, CutState state, LocalDate today, Function<LocalDate, Season> seasons) {
        return new Question(kind, habits.of(kind), state, today, seasons).answer();
    }

    /** One plant on one day. */
    private final class Question {
        private final Profile kind;
        private final CutHabits.Habit habit;
        private final CutState state;
        private final LocalDate today;
        private final Function<LocalDate, Season> seasons;

        Question(
                Profile kind,
                CutHabits.Habit habit,
                CutState state,
                LocalDate today,
                Function<LocalDate, Season> seasons) {
            this.kind = kind;
            this.habit = habit;
            this.state = state;
            this.today = today;
            this.seasons = seasons;
        }

        CutDeed answer() {
            return switch (state.aim()) {
                case FULLER -> fuller();
                case TWIGS -> twigs();
                case PINCH -> pinch();
                case CANES -> cane();
                case SHEATHS ->
                    state.part() == Part.DRY
                            ? deed(Deed.STRIP, Because.HIDES, Place.ALONG)
                            : deed(Deed.KEEP, Because.STILL_GREEN, Place.NONE);
                case FLOWERED -> flowered();
            };
        }

        private CutDeed fuller() {
            if (habit.breaks() == CutHabits.Breaks.NEVER) {
                return deed(Deed.NOT_THIS_KIND, Because.ONE_POINT, Place.NONE);
            }
            if (state.flowering()) {
                return deed(Deed.WAIT, Because.IN_BLOOM, Place.NONE);
            }
            LocalDate best = Season.first(today, habit.seasons(), seasons);
            if (!best.equals(today)) {
                return deed(Deed.WAIT, Because.OUT_OF_SEASON, Place.NONE).from(best);
            }
            return switch (habit.breaks()) {
                case OLD_WOOD, GREEN_WOOD -> deed(Deed.CUT, Because.BRANCHES, Place.ABOVE_BUD);
                case JOINT -> deed(Deed.CUT, Because.BRANCHES, Place.ABOVE_JOINT);
                case BASE -> deed(Deed.CUT, Because.FROM_BASE, Place.AT_BASE);
                case NEVER -> throw new IllegalStateException("never");
            };
        }

        private CutDeed twigs() {
            int green = state.twig().indexOf(Wood.GREEN);
            if (green == 0) {
                return deed(Deed.KEEP, Because.ALIVE, Place.NONE);
            }
            if (green > 0) {
                boolean bare = habit.breaks() == CutHabits.Breaks.GREEN_WOOD;
                return deed(
                                Deed.CUT,
                                bare ? Because.GREEN_BUT_BARE : Because.GREEN_BELOW,
                                habit.breaks() == CutHabits.Breaks.JOINT ? Place.ABOVE_JOINT : Place.ABOVE_BUD)
                        .at(habits.twig().get(Math.min(green, habits.twig().size() - 1)));
            }
            int tested = state.twig().size();
            if (tested < habits.twig().size()) {
                return deed(Deed.TEST, tested == 0 ? Because.NOT_TESTED : Because.BROWN_SO_FAR, Place.NONE)
                        .at(habits.twig().get(tested));
            }
            if (state.roots().isEmpty()) {
                return deed(Deed.ROOTS, Because.ALL_BROWN, Place.NONE);
            }
            if (!state.roots().get()) {
                return deed(Deed.GIVE_UP, Because.ROOTS_DEAD, Place.NONE);
            }
            LocalDate growth = Season.first(today, Set.of(Season.SPRING, Season.SUMMER), seasons);
            int weeks = habits.hardy(kind)
                    ? habits.hardyWeeks()
                    : (int) Math.round(habit.regrows().high());
            return deed(Deed.WAIT, Because.TOP_DEAD_ROOTS_LIVE, Place.AT_GROUND).from(growth.plusWeeks(weeks));
        }

        private CutDeed pinch() {
            if (habit.pinchWeeks().isEmpty()) {
                return deed(Deed.NOT_THIS_KIND, Because.ONE_POINT, Place.NONE);
            }
            Season now = seasons.apply(today);
            Set<Season> when = habit.pinchLast() == Season.AUTUMN
                    ? Set.of(Season.SPRING, Season.SUMMER, Season.AUTUMN)
                    : Set.of(Season.SPRING, Season.SUMMER);
            if (!when.contains(now)) {
                return deed(Deed.WAIT, Because.BUDS_FORM, Place.NONE).from(Season.first(today, when, seasons));
            }
            if (state.flowering()) {
                return deed(Deed.WAIT, Because.IN_BLOOM, Place.NONE);
            }
            Set<Season> rest = EnumSet.allOf(Season.class);
            rest.removeAll(when);
            return deed(Deed.PINCH, Because.BRANCHES, Place.TIP)
                    .every(
                            habit.pinchWeeks().getAsInt(),
                            Season.first(today, rest, seasons).minusDays(1));
        }

        private CutDeed cane() {
            return switch (state.part()) {
                case GREEN_LEAFY -> deed(Deed.KEEP, Because.FEEDS, Place.NONE);
                case GREEN_BARE, SHRIVELLED -> deed(Deed.KEEP, Because.STORES, Place.NONE);
                case YELLOW, DRY -> deed(Deed.CUT_OFF, Because.SPENT, Place.AT_BASE);
                case SOFT -> deed(Deed.CUT_OFF, Because.ROTS, Place.INTO_SOUND);
            };
        }

        private CutDeed flowered() {
            boolean green = state.part() == Part.GREEN_LEAFY || state.part() == Part.GREEN_BARE;
            if (state.part() == Part.SOFT) {
                return deed(Deed.CUT_OFF, Because.ROTS, Place.INTO_SOUND);
            }
            return switch (habit.stem()) {
                case LEAVE ->
                    green
                            ? deed(Deed.KEEP, Because.SAME_STEM, Place.NONE)
                            : deed(Deed.CUT_OFF, Because.SPENT, Place.AT_BASE);
                case JOINT -> {
                    if (!green) {
                        yield deed(Deed.CUT_OFF, Because.SPENT, Place.AT_BASE);
                    }
                    yield state.leaves() > 0 && state.leaves() < habits.fewLeaves()
                            ? deed(Deed.CUT_OFF, Because.WEAK, Place.AT_BASE)
                            : deed(Deed.CUT, Because.FLOWERS_AGAIN, Place.ABOVE_JOINT);
                }
                case BASE ->
                    green && state.flowering()
                            ? deed(Deed.WAIT, Because.IN_BLOOM, Place.NONE)
                            : deed(Deed.CUT_OFF, Because.SPENT, Place.AT_BASE);
            };
        }

        private CutDeed deed(Deed deed, Because because, Place place) {
            return new CutDeed(
                    deed,
                    because,
                    place,
                    OptionalDouble.empty(),
                    deed == Deed.CUT && state.aim() == CutAim.FULLER ? habit.share() : 0,
                    Optional.empty(),
                    deed.cuts() ? OptionalInt.of(habits.lookDays()) : OptionalInt.empty(),
                    OptionalInt.empty(),
                    Optional.empty(),
                    habit.regrows());
        }
    }
}

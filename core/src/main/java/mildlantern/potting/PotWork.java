package mildlantern.potting;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import mildlantern.plant.Dryness;
import mildlantern.plant.PotKind;
import mildlantern.plant.Profile;
import mildlantern.plant.Season;
import mildlantern.potting.PotDeed.Because;
import mildlantern.potting.PotDeed.Deed;
import mildlantern.potting.PotDeed.When;

/** Whether a plant is repotted, how and when. What is rotten waits for no season; all else waits for growth. */
public final class PotWork {
    private final Potting potting;

    public PotWork(Potting potting) {
        this.potting = potting;
    }

    /**
     * What is done at a pot.
     *
     * @param kind the kind of plant
     * @param state its pot
     * @param today the day of the question
     * @param seasons the season of each day where the plant stands
     */
    public PotDeed decide(Profile kind, PotState state, LocalDate today, Function<LocalDate, Season> seasons) {
        return new Question(kind, state, potting.habit(kind), today, seasons).answer();
    }

    /** One plant on one day. */
    private final class Question {
        private final Profile kind;
        private final PotState state;
        private final Potting.Habit habit;
        private final LocalDate today;
        private final Function<LocalDate, Season> seasons;

        Question(
                Profile kind,
                PotState state,
                Potting.Habit habit,
                LocalDate today,
                Function<LocalDate, Season> seasons) {
            this.kind = kind;
            this.state = state;
            this.habit = habit;
            this.today = today;
            this.seasons = seasons;
        }

        PotDeed answer() {
            if (state.pot() == PotKind.MOUNT) {
                return leave(Because.ON_A_MOUNT);
            }
            if (state.roots() == Roots.ROTTEN) {
                return now(Deed.SMALLER, Because.ROOTS_ROT);
            }
            if (state.shows(PotSign.SOUR)) {
                return now(Deed.FRESH, Because.SOUR);
            }
            if (state.cutting() && state.roots() != Roots.NOT_SEEN) {
                return now(Deed.POT_ON, Because.CUTTING_ROOTED);
            }
            if (state.roots() == Roots.FEW) {
                return now(Deed.SMALLER, Because.FEW_ROOTS);
            }
            if (!state.cutting()
                    && state.pottedDaysAgo().isPresent()
                    && state.pottedDaysAgo().getAsInt() < potting.settlesDays()) {
                return again(
                        Because.JUST_POTTED,
                        today.plusDays(potting.settlesDays()
                                - (long) state.pottedDaysAgo().getAsInt()));
            }
            // A bog plant's pot is to stay wet.
            if (state.shows(PotSign.STAYS_WET) && kind.dryness() != Dryness.BOG) {
                return wanted(today)
                        ? waits(Deed.FRESH, Because.TOO_DENSE)
                        : new PotDeed(
                                Deed.HOLES,
                                Because.TOO_DENSE,
                                When.NOW,
                                Optional.of(best()),
                                OptionalDouble.empty(),
                                Optional.empty(),
                                0,
                                habit.after());
            }
            return byRootsAndAge();
        }

        private PotDeed byRootsAndAge() {
            boolean likesIt = habit.crowds() && state.roots() == Roots.FILL && !state.spent();
            if (state.roots() == Roots.CIRCLING || state.roots() == Roots.FILL && !likesIt) {
                return waits(
                        state.pot() == PotKind.TRAY ? Deed.SAME_POT : Deed.POT_ON,
                        state.roots() == Roots.CIRCLING ? Because.ROOTS_CIRCLE : Because.ROOTS_FILL);
            }
            if (state.spent()) {
                return waits(Deed.FRESH, Because.SPENT);
            }
            if (state.shows(PotSign.RUNS_THROUGH)) {
                return now(Deed.SOAK, Because.REPELS);
            }
            if (state.shows(PotSign.DRIES_FAST) && state.roots() == Roots.NOT_SEEN) {
                return now(Deed.LOOK, Because.DRIES_FAST);
            }
            if (state.shows(PotSign.SHRUNK)) {
                return now(Deed.TOP_UP, Because.SHRUNK);
            }
            if (state.shows(PotSign.DRIES_FAST) && state.roots() == Roots.ROOM) {
                return again(Because.DRIES_BY_AIR, best());
            }
            if (likesIt) {
                return leave(Because.LIKES_CROWD);
            }
            return state.ageing() ? again(Because.SOON, best()) : leave(Because.HAS_ROOM);
        }

        private boolean wanted(LocalDate day) {
            return habit.seasons().contains(seasons.apply(day));
        }

        /** The first day from a day on that its kind takes it best. */
        private LocalDate best(LocalDate from) {
            return Season.first(from, habit.seasons(), seasons);
        }

        private LocalDate best() {
            return best(today);
        }

        private PotDeed now(Deed deed, Because because) {
            return deed(deed, because, When.NOW, Optional.empty());
        }

        private PotDeed again(Because because, LocalDate from) {
            return deed(Deed.LEAVE, because, When.AGAIN, Optional.of(from));
        }

        /** Left until the medium has lasted as long as it may, where that is known. */
        private PotDeed leave(Because because) {
            if (state.pot() == PotKind.MOUNT
                    || state.medium().isEmpty()
                    || state.months().isEmpty()) {
                return deed(Deed.LEAVE, because, When.NOT_KNOWN, Optional.empty());
            }
            long left = Math.max(
                    0,
                    Math.round(state.medium().get().lifeMonths().high())
                            - state.months().getAsInt());
            return again(because, best(today.plus(left, ChronoUnit.MONTHS)));
        }

        /** What is not urgent waits for the end of bloom, and for growth. */
        private PotDeed waits(Deed deed, Because because) {
            LocalDate from = best();
            return state.flowering()
                    ? deed(deed, because, When.AFTER_BLOOM, Optional.empty())
                    : from.equals(today) ? now(deed, because) : deed(deed, because, When.FROM, Optional.of(from));
        }

        private PotDeed deed(Deed deed, Because because, When when, Optional<LocalDate> from) {
            OptionalDouble pot = switch (deed) {
                case POT_ON -> OptionalDouble.of(potting.larger(state.acrossCm()));
                case SMALLER -> OptionalDouble.of(potting.smaller(state.acrossCm()));
                case SAME_POT, FRESH -> OptionalDouble.of(state.acrossCm());
                case LEAVE, LOOK, SOAK, TOP_UP, HOLES -> OptionalDouble.empty();
            };
            Optional<Deed> other = switch (deed) {
                case POT_ON -> habit.trimShare() > 0 ? Optional.of(Deed.SAME_POT) : Optional.empty();
                case SAME_POT -> Optional.of(Deed.POT_ON);
                case LEAVE, LOOK, SOAK, TOP_UP, HOLES, FRESH, SMALLER -> Optional.empty();
            };
            return new PotDeed(deed, because, when, from, pot, other, habit.trimShare(), habit.after());
        }
    }
}

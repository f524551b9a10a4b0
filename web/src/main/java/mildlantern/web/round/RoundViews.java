package mildlantern.web.round;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.web.plan.StopPlans;
import mildlantern.web.platform.CourseId;
import mildlantern.web.platform.EntryId;
import mildlantern.web.platform.TaskId;
import org.jspecify.annotations.Nullable;

/** What the round and the walk show. */
public final class RoundViews {
    private RoundViews() {}

    /** The frame of every page: where, what day, and the walk. */
    public record Frame(
            String collection, String weekday, String day, List<StopLine> walk, boolean demo, String form) {}

    /** A stop on the drawn path. */
    public record StopLine(
            StopId id, String name, String climate, String lamp, String lampWords, String due, int x, int y) {}

    /** The round at one stop. */
    record RoundPage(
            StopId stop,
            String name,
            String sentence,
            List<String> notices,
            StopPlans.Drawn plan,
            List<PotMark> marks,
            String glass,
            List<Group> morning,
            List<Group> evening,
            List<AlsoHere> alsoHere,
            List<Carry> carry,
            List<Reading> readings,
            String readingsFrom,
            List<Held> onHold,
            List<Elsewhere> left,
            Optional<Elsewhere> next) {
        /** The mark of a pot on the plan; null where nothing is due on it. */
        public @Nullable PotMark mark(PlantId plant) {
            return marks.stream()
                    .filter(mark -> mark.plant().equals(plant))
                    .findFirst()
                    .orElse(null);
        }

        /** Whether any of what is carried is feed. */
        public boolean feeds() {
            return RoundViews.feeds(carry);
        }

        public boolean nothingDue() {
            return morning.isEmpty() && evening.isEmpty();
        }
    }

    /** The number that a pot carries on the plan. */
    record PotMark(PlantId plant, int number, String lamp) {}

    /** Slips for which the same is carried along. */
    record Group(String name, List<Slip> slips) {}

    /** What of a stop's page a press changes beside its slip. */
    record Counts(String sentence, List<Carry> carry) {
        /** Whether any of what is carried is feed. */
        public boolean feeds() {
            return RoundViews.feeds(carry);
        }
    }

    private static boolean feeds(List<Carry> carry) {
        return carry.stream().anyMatch(thing -> thing.glyph().equals("food"));
    }

    /** Something to carry, and how much of it. */
    record Carry(String what, String glyph, String amount) {}

    /** All that is due on one plant at this stop, and what was done on it today. */
    record Slip(
            PlantId plant,
            String name,
            int mark,
            List<Said> said,
            Optional<String> caseWords,
            Optional<CourseId> course,
            Optional<TaskId> errand,
            Optional<Pour> pour,
            boolean look,
            boolean change,
            boolean feed,
            boolean cup,
            List<Done> done,
            String form,
            String problem,
            boolean waiting) {
        public boolean open() {
            return !said.isEmpty();
        }
    }

    /** One due thing in words. */
    record Said(String kind, String glyph, String lamp, String why) {}

    /** What is proposed to be poured. */
    record Pour(boolean tray, int ml, String water, String waterWords) {}

    /** Something done today, to be taken back if it was a slip. */
    record Done(EntryId entry, String words) {}

    /** A plant at this stop on which nothing is due. */
    record AlsoHere(PlantId plant, String name, String kind, String lately) {}

    /** A figure of the stop's climate, and how it is known. */
    record Reading(String what, String value, String unit, String from) {}

    /** A plant on which something must wait. */
    record Held(PlantId plant, String name, String holds) {}

    /** What is due at another stop. */
    record Elsewhere(StopId stop, String name, String due) {}

    /** The day in retrospect. */
    record Summary(
            String sentence, List<Tally> tallies, List<DoneLine> done, List<DoneLine> putOff, List<Elsewhere> left) {}

    /** How often something was done. */
    record Tally(String what, int count, String amount) {}

    /** An entry of today. */
    record DoneLine(PlantId plant, String name, String words, EntryId entry) {}

    /** The round on paper. */
    record Sheet(LocalDate day, String collection, List<Carry> carry, List<SheetStop> stops) {}

    /** A stop on paper. */
    record SheetStop(String name, String climate, List<SheetLine> lines) {}

    /** A plant on paper: what to do, and a space to write. */
    record SheetLine(String name, String number, String what, String why, boolean evening) {}
}

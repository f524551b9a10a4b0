package mildlantern.web.round;

import java.util.List;
import java.util.UUID;

/** What the round and the walk show. */
public final class RoundViews {
    private RoundViews() {}

    /** The frame of every page: who, where, what day, and the walk. */
    public record Frame(
            String collection, String member, String weekday, String day, List<StopLine> walk, boolean demo) {}

    /** A stop on the drawn path. */
    public record StopLine(
            UUID id, String name, String climate, String lamp, String lampWords, String due, int x, int y) {}

    /** The round at one stop. */
    record RoundPage(
            UUID stop,
            String name,
            String note,
            String sentence,
            List<PotOnPlan> plan,
            String glass,
            List<Slip> slips,
            List<AlsoHere> alsoHere,
            List<Reading> readings,
            List<Held> onHold,
            List<Elsewhere> left) {}

    /** A pot on the plan of the stop. */
    record PotOnPlan(
            UUID plant,
            String name,
            String svg,
            double x,
            double labelX,
            double labelY,
            double markX,
            double markY,
            int mark,
            String lamp) {}

    /** One thing to do at this stop. */
    record Slip(
            int mark,
            UUID plant,
            String name,
            String kind,
            String kindWords,
            String lamp,
            String why,
            String act,
            String actAddress,
            boolean mayLook,
            String form) {}

    /** A plant at this stop on which nothing is due. */
    record AlsoHere(UUID plant, String name, String kind, String lately, String form) {}

    /** A reading of the stop's climate. */
    record Reading(String what, String value, String unit) {}

    /** A plant on which something must wait. */
    record Held(UUID plant, String name, String holds) {}

    /** What is due at another stop. */
    record Elsewhere(UUID stop, String name, String due) {}
}

package mildlantern.handwork;

import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import mildlantern.message.MessageKey;
import mildlantern.quantity.Range;

/**
 * What is cut of a plant, and where.
 *
 * @param deed the deed
 * @param because its reason
 * @param place where the cut goes
 * @param height where on the twig to test or to cut, share of its length from its base
 * @param share most of the plant that may come off at once, 0 to 1; 0 where that says nothing
 * @param from the first day for it, where it waits
 * @param lookInDays days until the look again; empty where nothing is cut
 * @param everyWeeks weeks between pinches
 * @param until the last day of pinching
 * @param regrows weeks until new shoots stand
 */
public record CutDeed(
        Deed deed,
        Because because,
        Place place,
        OptionalDouble height,
        double share,
        Optional<LocalDate> from,
        OptionalInt lookInDays,
        OptionalInt everyWeeks,
        Optional<LocalDate> until,
        Range regrows) {
    /** The same, waiting for a day. */
    CutDeed from(LocalDate day) {
        return new CutDeed(
                deed, because, place, height, share, Optional.of(day), lookInDays, everyWeeks, until, regrows);
    }

    /** The same at a height of the twig. */
    CutDeed at(double twig) {
        return new CutDeed(
                deed, because, place, OptionalDouble.of(twig), share, from, lookInDays, everyWeeks, until, regrows);
    }

    /** The same again and again, until a day. */
    CutDeed every(int weeks, LocalDate last) {
        return new CutDeed(
                deed,
                because,
                place,
                height,
                share,
                from,
                lookInDays,
                OptionalInt.of(weeks),
                Optional.of(last),
                regrows);
    }

    /** The deeds. */
    public enum Deed implements MessageKey {
        /** Bend it and scratch its bark at a height. */
        TEST,
        /** Look at the roots. */
        ROOTS,
        CUT,
        CUT_OFF,
        PINCH,
        STRIP,
        KEEP,
        WAIT,
        GIVE_UP,
        NOT_THIS_KIND;

        /** Whether something is cut, which the record keeps. */
        public boolean cuts() {
            return this == CUT || this == CUT_OFF || this == PINCH || this == STRIP;
        }
    }

    /** Why. */
    public enum Because implements MessageKey {
        /** Its end is brown there: the next test lies lower. */
        BROWN_SO_FAR,
        NOT_TESTED,
        /** All of the twig is alive. */
        ALIVE,
        /** Dead above, green below: it shoots from there. */
        GREEN_BELOW,
        /** The same, and this kind seldom shoots from wood without leaves. */
        GREEN_BUT_BARE,
        ALL_BROWN,
        TOP_DEAD_ROOTS_LIVE,
        ROOTS_DEAD,
        /** Two shoots come where one was. */
        BRANCHES,
        /** Shoots come from the base, not from the cut. */
        FROM_BASE,
        /** It has one growing point, and does not make another. */
        ONE_POINT,
        OUT_OF_SEASON,
        IN_BLOOM,
        /** Its buds are made from now on: a pinch takes them. */
        BUDS_FORM,
        /** It stores water and food for the new growth. */
        STORES,
        /** It still feeds the plant. */
        FEEDS,
        SPENT,
        /** It rots, and the rot goes on. */
        ROTS,
        /** Insects hide under it. */
        HIDES,
        STILL_GREEN,
        /** It may flower again from a joint of the same stem. */
        FLOWERS_AGAIN,
        /** It is weak: flowers would cost leaves. */
        WEAK,
        /** The next flowers come from the same stem. */
        SAME_STEM
    }

    /** Where the cut goes. */
    public enum Place implements MessageKey {
        NONE,
        /** Slanting, a few millimetres above a bud that looks outwards. */
        ABOVE_BUD,
        /** Straight across, a finger's width above a joint. */
        ABOVE_JOINT,
        /** At the base, and not into what stands beside it. */
        AT_BASE,
        /** Into firm, sound tissue, below all that is soft. */
        INTO_SOUND,
        /** The soft tip with its first pair of leaves, between two fingers. */
        TIP,
        /** Torn down its length and drawn off sideways. */
        ALONG,
        AT_GROUND
    }
}

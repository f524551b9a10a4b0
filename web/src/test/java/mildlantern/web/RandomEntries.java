package mildlantern.web;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Random;
import mildlantern.log.Counted;
import mildlantern.log.Felt;
import mildlantern.log.LogEntry;
import mildlantern.log.LogKind;
import mildlantern.log.Way;
import mildlantern.log.Wetness;
import mildlantern.log.Yardstick;
import mildlantern.place.StopId;
import mildlantern.plant.EventKind;
import mildlantern.plant.GrowthSign;
import mildlantern.plant.Phase;
import mildlantern.plant.SprayKind;
import mildlantern.plant.WaterSource;

/** Entries of a log by chance: of every kind that a grower writes, with what such a kind can say, or says nothing of. */
public final class RandomEntries {
    private static final List<EventKind> BEFALLS = List.of(
            EventKind.BROUGHT_IN,
            EventKind.PUT_OUT,
            EventKind.CHILLED,
            EventKind.FORCED_FLOWERING,
            EventKind.SHADE_LOST,
            EventKind.STORM,
            EventKind.HEATING_ON);

    private final Random chance;
    private final List<StopId> stops;

    public RandomEntries(Random chance, List<StopId> stops) {
        this.chance = chance;
        this.stops = stops;
    }

    public List<LogEntry> some(int number) {
        List<LogEntry> some = new ArrayList<>();
        while (some.size() < number) {
            some.add(one());
        }
        return some;
    }

    /** One that leaves the plant where it is and alive. */
    public LogEntry one() {
        return switch (chance.nextInt(18)) {
            case 0, 1, 2 ->
                new LogEntry.Watered(
                        maybe(1 + chance.nextInt(900)),
                        maybeOf(WaterSource.values()),
                        of(Way.values()),
                        maybeOf(Felt.values()));
            case 3 -> new LogEntry.Probed(of(Wetness.values()), of(Wetness.values()), of(Wetness.values()));
            case 4 -> new LogEntry.Weighed(1 + chance.nextInt(5000), maybeOf(Yardstick.values()));
            case 5 -> new LogEntry.Fed(maybeWord("label feed"), maybe(chance.nextDouble() * 300));
            case 6 -> new LogEntry.TrapFed(maybe(1 + chance.nextInt(9)), maybe(chance.nextDouble() * 300));
            case 7 -> new LogEntry.Granules(maybeWord("granules"), 0.5 + chance.nextInt(20));
            case 8 -> new LogEntry.NewLeaf(0.5 + chance.nextDouble() * 40);
            case 9 -> new LogEntry.Repotted(maybe(5.0 + chance.nextInt(30)), maybeWord("bark"));
            case 10 ->
                new LogEntry.Moved(
                        Optional.empty(), Optional.of(of(stops)), OptionalDouble.empty(), OptionalDouble.empty());
            case 11 ->
                new LogEntry.Befell(
                        of(BEFALLS), maybe(chance.nextDouble() * 10 - 5), maybe(0.2 + chance.nextDouble() * 3));
            case 12 -> new LogEntry.Treated(maybeOf(SprayKind.values()), maybeWord("soap"), maybeWord("own bottle"));
            case 13 -> new LogEntry.Count(of(Counted.values()), chance.nextInt(50));
            case 14 -> new LogEntry.Bloom(chance.nextBoolean());
            case 15 -> new LogEntry.Grew(of(GrowthSign.values()));
            case 16 -> new LogEntry.PhaseSaid(of(Phase.values()));
            default ->
                of(List.of(
                        new LogEntry.Pruned(), new LogEntry.Looked(), new LogEntry.Noted(), new LogEntry.CupEmptied()));
        };
    }

    /** Whether a kind is one that only happens together with something else, or ends a plant, and so does not come by chance. */
    public static boolean comesOtherwise(LogKind kind) {
        return switch (kind) {
            case ARRIVED, PHOTO, SHIFTED, SPLIT, PROPAGATED, RETIRED, LOST, PUT_OFF, UNDONE, LEFT_ALONE -> true;
            default -> false;
        };
    }

    private <T> T of(T[] all) {
        return all[chance.nextInt(all.length)];
    }

    private <T> T of(List<? extends T> all) {
        return all.get(chance.nextInt(all.size()));
    }

    private <T> Optional<T> maybeOf(T[] all) {
        return chance.nextBoolean() ? Optional.of(of(all)) : Optional.empty();
    }

    private OptionalInt maybe(int number) {
        return chance.nextBoolean() ? OptionalInt.of(number) : OptionalInt.empty();
    }

    private OptionalDouble maybe(double number) {
        return chance.nextBoolean() ? OptionalDouble.of(number) : OptionalDouble.empty();
    }

    private Optional<String> maybeWord(String word) {
        return chance.nextBoolean() ? Optional.of(word) : Optional.empty();
    }
}

package mildlantern.web.round;

import jakarta.validation.constraints.NotNull;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import mildlantern.log.Felt;
import mildlantern.log.LogEntry;
import mildlantern.log.Way;
import mildlantern.log.Wetness;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.plant.WaterSource;
import mildlantern.web.log.LogBook;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.TaskId;
import mildlantern.web.words.Unit;
import mildlantern.web.words.Units;
import mildlantern.web.words.Wording;
import org.jspecify.annotations.Nullable;

/**
 * What was pressed on a slip, with what stood in its fields.
 *
 * @param mark the number of its pot on the plan
 * @param ml how much was poured, as typed, with any unit or in the reader's
 * @param found how the medium was found before, or blank
 * @param reason why not today
 * @param back "plant" where the press was on the plant's page
 * @param errand the planned step that was done
 */
record Press(
        @NotNull PlantId plant,
        @NotNull StopId stop,
        @NotNull FormKey form,
        @NotNull Deed deed,
        @Nullable Integer mark,
        String ml,
        Optional<WaterSource> water,
        Optional<Way> way,
        Optional<Felt> found,
        String reason,
        String back,
        Optional<TaskId> errand) {
    private static final int MOST_ML = 100_000;

    Press {
        ml = Objects.requireNonNullElse(ml, "").strip();
        reason = Objects.requireNonNullElse(reason, "").strip();
        back = Objects.requireNonNullElse(back, "");
    }

    /** What can be pressed. */
    enum Deed {
        DRY,
        MOIST,
        WET,
        GAVE,
        LOOKED,
        FED,
        STEPPED,
        EMPTIED,
        NOT_TODAY
    }

    int markOnPlan() {
        return mark == null ? 0 : mark;
    }

    /** One slip can take several presses in a breath; each of them is stored once. */
    FormKey key() {
        return new FormKey(UUID.nameUUIDFromBytes((form + deed.name()).getBytes(StandardCharsets.UTF_8)));
    }

    /** What is wrong with what was typed, if anything. */
    Optional<String> problem() {
        if (deed == Deed.GAVE) {
            return ml.isEmpty() ? Optional.empty() : wrongAmount();
        }
        return reason.length() > LogBook.LONGEST_WORDS
                ? Optional.of(
                        Wording.say("round.press.most-characters-had-nothing", LogBook.LONGEST_WORDS, reason.length()))
                : Optional.empty();
    }

    private Optional<String> wrongAmount() {
        try {
            int amount = millilitres();
            return amount >= 1 && amount <= MOST_ML
                    ? Optional.empty()
                    : Optional.of(Wording.say(
                            "round.press.between",
                            ml,
                            Units.shown(1, Unit.Of.VOLUME),
                            Units.shown(MOST_ML, Unit.Of.VOLUME)));
        } catch (NumberFormatException e) {
            return Optional.of(Wording.say("round.press.nothing-was-saved", String.valueOf(e.getMessage())));
        }
    }

    /** What was poured, in whole mL, in whichever unit it was typed. */
    private int millilitres() {
        return (int) Math.round(Math.min(Units.read(ml, Unit.Of.VOLUME), Integer.MAX_VALUE));
    }

    /** The words that go with its entry, or null. */
    @Nullable
    String words() {
        return deed == Deed.NOT_TODAY && !reason.isEmpty() ? reason : null;
    }

    /** The entry that it writes; none for what is written in another way. */
    List<LogEntry> entry() {
        return switch (deed) {
            case DRY -> List.of(LogEntry.Probed.all(Wetness.DRY));
            case MOIST -> List.of(LogEntry.Probed.all(Wetness.MOIST));
            case WET -> List.of(LogEntry.Probed.all(Wetness.WET));
            case GAVE ->
                List.of(new LogEntry.Watered(
                        ml.isEmpty() ? OptionalInt.empty() : OptionalInt.of(millilitres()),
                        water,
                        way.orElse(Way.ABOVE),
                        found));
            case LOOKED -> List.of(new LogEntry.Looked());
            case EMPTIED -> List.of(new LogEntry.CupEmptied());
            case NOT_TODAY -> List.of(new LogEntry.PutOff());
            case FED, STEPPED -> List.of();
        };
    }
}

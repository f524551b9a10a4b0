package mildlantern.web.plantpage;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.PastOrPresent;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import mildlantern.log.LogEntry;
import mildlantern.log.LogKind;
import mildlantern.plant.WaterSource;
import mildlantern.quantity.Volume;
import mildlantern.web.log.LogBook;
import mildlantern.web.log.LogLine;
import mildlantern.web.log.LogWords;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.EntryId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.NotHere;
import mildlantern.web.platform.Reply;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.role.ForRole;
import mildlantern.web.role.Role;
import mildlantern.web.routine.Edits;
import mildlantern.web.routine.TakeBack;
import mildlantern.web.words.Unit;
import mildlantern.web.words.Within;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;

/** Correcting an entry of the record, and putting back one that was taken back. */
@Controller
class EditController {
    private final Plants plants;
    private final LogBook log;
    private final Edits edits;

    EditController(Plants plants, LogBook log, Edits edits) {
        this.plants = plants;
        this.log = log;
        this.edits = edits;
    }

    /**
     * A correction, as typed.
     *
     * @param amount of a watering
     * @param words further words
     */
    record Corrected(
            @NotNull(message = "{platform.form.reload-page-try-again}") @Nullable
            FormKey form,

            @NotNull(message = "{plantpage.edit.enter-day}")
            @PastOrPresent(message = "{plantpage.edit.future}")
            @Nullable
            LocalDate day,

            @Within(of = Unit.Of.VOLUME, low = 0, high = 20_000) @Nullable
            Volume amount,

            @Nullable WaterSource water,

            @Size(max = LogBook.LONGEST_WORDS, message = "{plantpage.edit.too-long}") @Nullable
            String words) {

        static Corrected of(LogLine line) {
            Optional<LogEntry.Watered> watered = line.as(LogEntry.Watered.class);
            return new Corrected(
                    FormKey.fresh(),
                    line.onDay(),
                    watered.map(LogEntry.Watered::ml)
                            .filter(OptionalInt::isPresent)
                            .map(ml -> new Volume(ml.getAsInt()))
                            .orElse(null),
                    watered.flatMap(LogEntry.Watered::water).orElse(null),
                    line.words().orElse(""));
        }

        LogEntry entry(LogLine old) {
            return old.as(LogEntry.Watered.class)
                    .<LogEntry>map(watered -> new LogEntry.Watered(
                            amount == null
                                    ? OptionalInt.empty()
                                    : OptionalInt.of((int) Math.round(amount.millilitres())),
                            Optional.ofNullable(water),
                            watered.way(),
                            watered.found()))
                    .orElse(old.entry());
        }
    }

    private LogLine line(SignedIn member, EntryId id) {
        return log.find(member.collection(), id).filter(Edits::may).orElseThrow(() -> new NotHere("entry"));
    }

    @GetMapping("/log/{id}/edit")
    @ForRole(Role.HELPER)
    String edit(@AuthenticationPrincipal SignedIn member, @PathVariable EntryId id, Reply reply) {
        LogLine line = line(member, id);
        if (!reply.has("corrected")) {
            reply.put("corrected", Corrected.of(line));
        }
        Plant plant = plants.plant(member.collection(), line.plant());
        reply.put("plantName", plant.name());
        reply.put("plantId", plant.id());
        reply.put("here", plant.stop());
        reply.put("id", id);
        reply.put("watered", line.kind() == LogKind.WATERED);
        reply.put("said", LogWords.said(line));
        return "plantpage/edit";
    }

    @PostMapping("/log/{id}")
    @ForRole(Role.HELPER)
    String correct(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable EntryId id,
            @Valid @ModelAttribute("corrected") Corrected corrected,
            BindingResult problems,
            Reply reply) {
        LogLine old = line(member, id);
        if (!problems.hasErrors()) {
            try {
                edits.edit(
                        member.collection(),
                        old,
                        Objects.requireNonNull(corrected.form()),
                        Objects.requireNonNull(corrected.day()),
                        corrected.entry(old),
                        Objects.requireNonNullElse(corrected.words(), ""));
            } catch (TakeBack.CannotTakeBack e) {
                problems.rejectValue("day", "built-on", String.valueOf(e.getMessage()));
            }
        }
        if (problems.hasErrors()) {
            reply.wrong();
            return edit(member, id, reply);
        }
        return "redirect:/plants/" + old.plant() + "/record";
    }

    @PostMapping("/log/{id}/put-back")
    @ForRole(Role.HELPER)
    String putBack(@AuthenticationPrincipal SignedIn member, @PathVariable EntryId id) {
        return "redirect:/plants/" + edits.putBack(member.collection(), id).plant() + "/record";
    }
}

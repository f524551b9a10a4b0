package mildlantern.web.round;

import jakarta.servlet.http.HttpServletRequest;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import mildlantern.log.LogEntry;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.plant.WaterSource;
import mildlantern.web.care.PlannedTasks;
import mildlantern.web.log.LogBook;
import mildlantern.web.platform.EntryId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.platform.TaskId;
import mildlantern.web.routine.RecordWriter;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The round, which is the first page: what is due at a stop, and one press to write down what was done. */
@Controller
class RoundController {
    private static final int MOST_ML = 100_000;

    private final RoundService rounds;
    private final RecordWriter log;
    private final PlannedTasks errands;
    private final Clock clock;

    RoundController(RoundService rounds, RecordWriter log, PlannedTasks errands, Clock clock) {
        this.rounds = rounds;
        this.log = log;
        this.errands = errands;
        this.clock = clock;
    }

    @GetMapping("/")
    String round(@AuthenticationPrincipal SignedIn member, @RequestParam Optional<StopId> stop, Model model) {
        // The frame has worked out the day already, for the walk.
        DueToday today = model.getAttribute(FrameAdvice.FRAME) instanceof FrameAdvice.FrameSource frame
                ? frame.today()
                : rounds.today(member.collection());
        var page = rounds.round(today, stop);
        if (page.isEmpty()) {
            return "round/empty";
        }
        model.addAttribute("page", page.get());
        model.addAttribute("here", page.get().stop());
        return "round/round";
    }

    /** What can be pressed on a slip. */
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

    @PostMapping("/round/deeds")
    String deed(
            @AuthenticationPrincipal SignedIn member,
            @RequestParam PlantId plant,
            @RequestParam StopId stop,
            @RequestParam FormKey form,
            @RequestParam Deed deed,
            @RequestParam(defaultValue = "0") int mark,
            @RequestParam(defaultValue = "") String ml,
            @RequestParam Optional<WaterSource> water,
            @RequestParam Optional<LogEntry.Way> way,
            @RequestParam(defaultValue = "") String found,
            @RequestParam(defaultValue = "") String reason,
            @RequestParam(defaultValue = "") String back,
            @RequestParam Optional<TaskId> errand,
            HttpServletRequest request,
            Model model) {
        Optional<String> problem = deed == Deed.GAVE ? wrongAmount(ml) : tooLong(reason);
        if (deed == Deed.STEPPED) {
            errand.ifPresent(step -> errands.done(member.collection(), step));
        } else if (problem.isEmpty()) {
            // One slip can take several presses in a breath; each of them is stored once.
            FormKey key = new FormKey(UUID.nameUUIDFromBytes((form + deed.name()).getBytes(StandardCharsets.UTF_8)));
            log.write(
                    member.collection(),
                    plant,
                    key,
                    LocalDate.now(clock),
                    List.of(
                            deed == Deed.FED
                                    ? rounds.feeding(member.collection(), plant)
                                    : line(deed, ml, water, way.orElse(LogEntry.Way.ABOVE), found, reason)));
        }
        if (request.getHeader("HX-Request") == null) {
            return back.equals("plant") ? "redirect:/plants/" + plant : "redirect:/?stop=" + stop;
        }
        return slip(member, plant, stop, mark, problem.orElse(""), model);
    }

    /** A slip that came into sight. */
    @GetMapping("/round/slips/{plant}")
    String inSight(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable PlantId plant,
            @RequestParam StopId stop,
            @RequestParam(defaultValue = "0") int mark,
            Model model) {
        model.addAttribute("slip", rounds.slip(member.collection(), plant, mark, ""));
        model.addAttribute("stop", stop);
        return "round/slip :: slip(slip=${slip},stop=${stop},now=${false})";
    }

    private String slip(SignedIn member, PlantId plant, StopId stop, int mark, String problem, Model model) {
        model.addAttribute("slip", rounds.slip(member.collection(), plant, mark, problem));
        model.addAttribute("stop", stop);
        return "round/slip :: slip(slip=${slip},stop=${stop},now=${true})";
    }

    private static Optional<String> tooLong(String reason) {
        return reason.length() > LogBook.LONGEST_WORDS
                ? Optional.of("At most %d letters; that had %d. Nothing was written down."
                        .formatted(LogBook.LONGEST_WORDS, reason.length()))
                : Optional.empty();
    }

    private static Optional<String> wrongAmount(String ml) {
        if (ml.isBlank()) {
            return Optional.empty();
        }
        try {
            int amount = Integer.parseInt(ml.strip());
            return amount >= 1 && amount <= MOST_ML
                    ? Optional.empty()
                    : Optional.of("Between 1 and 100 000 mL; you wrote " + amount + ". Nothing was written down.");
        } catch (NumberFormatException e) {
            return Optional.of(
                    "A whole number of mL, as in 250; you wrote '" + ml.strip() + "'. Nothing was written down.");
        }
    }

    private static RecordWriter.Line line(
            Deed deed, String ml, Optional<WaterSource> water, LogEntry.Way way, String found, String reason) {
        return switch (deed) {
            case DRY -> RecordWriter.Line.of(LogEntry.Probed.all(LogEntry.Wetness.DRY));
            case MOIST -> RecordWriter.Line.of(LogEntry.Probed.all(LogEntry.Wetness.MOIST));
            case WET -> RecordWriter.Line.of(LogEntry.Probed.all(LogEntry.Wetness.WET));
            case GAVE ->
                RecordWriter.Line.of(new LogEntry.Watered(
                        ml.isBlank() ? OptionalInt.empty() : OptionalInt.of(Integer.parseInt(ml.strip())),
                        water,
                        way,
                        found.isBlank() ? Optional.empty() : Optional.of(LogEntry.Felt.valueOf(found))));
            case LOOKED -> RecordWriter.Line.of(new LogEntry.Looked());
            case EMPTIED -> RecordWriter.Line.of(new LogEntry.CupEmptied());
            case FED, STEPPED -> throw new IllegalArgumentException(deed + " is written elsewhere");
            case NOT_TODAY -> new RecordWriter.Line(new LogEntry.PutOff(), reason.isBlank() ? null : reason.strip());
        };
    }

    /** Takes back an entry that was pressed on a slip. */
    @PostMapping("/round/take-back")
    String takeBack(
            @AuthenticationPrincipal SignedIn member,
            @RequestParam PlantId plant,
            @RequestParam StopId stop,
            @RequestParam EntryId entry,
            @RequestParam(defaultValue = "0") int mark,
            HttpServletRequest request,
            Model model) {
        String problem = "";
        try {
            log.takeBack(member.collection(), entry);
        } catch (RecordWriter.CannotTakeBack e) {
            problem = String.valueOf(e.getMessage());
        }
        return request.getHeader("HX-Request") == null
                ? "redirect:/?stop=" + stop
                : slip(member, plant, stop, mark, problem, model);
    }

    /** What the day came to. */
    @GetMapping("/round/summary")
    String summary(@AuthenticationPrincipal SignedIn member, Model model) {
        model.addAttribute("page", rounds.summary(member.collection()));
        return "round/summary";
    }

    /** The round on paper. */
    @GetMapping("/round/paper")
    String paper(@AuthenticationPrincipal SignedIn member, Model model) {
        model.addAttribute("sheet", rounds.sheet(member.collection(), member.collectionName()));
        return "round/paper";
    }
}

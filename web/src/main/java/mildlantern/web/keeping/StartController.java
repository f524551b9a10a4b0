package mildlantern.web.keeping;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import mildlantern.plant.Brightness;
import mildlantern.web.plant.Kinds;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.Reply;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.StopKind;
import mildlantern.web.stop.Stops;
import mildlantern.web.words.Wording;
import org.apache.commons.csv.CSVFormat;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.ResponseBody;

/** The first day of a collection: first places with the light they get, then first plants. Each step can be left out. */
@Controller
class StartController {
    private static final int PLACES_AT_ONCE = 4;

    private final Stops stops;
    private final Kinds kinds;

    StartController(Stops stops, Kinds kinds) {
        this.stops = stops;
        this.kinds = kinds;
    }

    /**
     * First places, as typed: in each list the first belongs to the first place.
     *
     * @param name their names; blank ones are left out
     */
    record Places(
            @NotNull FormKey form,
            @Nullable List<String> name,
            @Nullable List<StopKind> kind,
            @Nullable List<Brightness> light) {
        List<Stops.First> first() {
            List<Stops.First> first = new ArrayList<>();
            for (int i = 0; i < at(name).size(); i++) {
                String typed = at(name).get(i) == null ? "" : at(name).get(i).strip();
                if (!typed.isEmpty()) {
                    first.add(new Stops.First(
                            typed,
                            Optional.ofNullable(i < at(kind).size() ? at(kind).get(i) : null)
                                    .orElse(StopKind.SHELF),
                            Optional.ofNullable(i < at(light).size() ? at(light).get(i) : null)));
                }
            }
            return first;
        }

        private static <T> List<T> at(@Nullable List<T> list) {
            return list == null ? List.of() : list;
        }
    }

    @GetMapping("/start/places")
    String places(@AuthenticationPrincipal SignedIn member, Reply reply) {
        reply.put("form", FormKey.fresh());
        reply.put("rows", IntStream.rangeClosed(1, PLACES_AT_ONCE).boxed().toList());
        reply.put("stops", stops.walk(member.collection()));
        return "keeping/start-places";
    }

    @PostMapping("/start/places")
    String add(@AuthenticationPrincipal SignedIn member, @Valid Places places, Reply reply) {
        List<String> leftOut = stops.add(member.collection(), places.form(), places.first());
        if (!leftOut.isEmpty()) {
            reply.next("told", Wording.say("keeping.start.left-out", leftOut));
        }
        return "redirect:/start/plants";
    }

    @GetMapping("/start/plants")
    String plants(@AuthenticationPrincipal SignedIn member, Reply reply) {
        reply.put("stops", stops.walk(member.collection()));
        reply.put("kinds", kinds.all(member.collection()).size());
        return "keeping/start-plants";
    }

    /** A table with a few plants in it, to see how one is written. */
    @GetMapping(value = "/start/example.csv", produces = "text/csv;charset=UTF-8")
    @ResponseBody
    String example(@AuthenticationPrincipal SignedIn member, Reply reply) {
        reply.header("Content-Disposition", "attachment; filename=\"example-plants.csv\"");
        String stop = stops.walk(member.collection()).stream()
                .findFirst()
                .map(Stop::name)
                .orElse(Wording.say("keeping.start.example-stop"));
        return Wording.say("keeping.start.example", CSVFormat.EXCEL.format(stop));
    }
}

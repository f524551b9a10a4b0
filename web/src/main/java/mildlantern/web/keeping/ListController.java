package mildlantern.web.keeping;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mildlantern.message.MessageKey;
import mildlantern.place.StopId;
import mildlantern.plant.BotanicalName;
import mildlantern.plant.PlantId;
import mildlantern.plant.Profile;
import mildlantern.round.CareSchedule;
import mildlantern.web.casework.CaseTroubles;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.routine.ScheduleRow;
import mildlantern.web.routine.Schedules;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.Stops;
import mildlantern.web.words.Wording;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** The collection as a list, and labels for its pots. */
@Controller
class ListController {
    private final Stops stops;
    private final Plants plants;
    private final Schedules schedule;
    private final CaseTroubles cases;
    private final Clock clock;

    ListController(Stops stops, Plants plants, Schedules schedule, CaseTroubles cases, Clock clock) {
        this.stops = stops;
        this.plants = plants;
        this.schedule = schedule;
        this.cases = cases;
        this.clock = clock;
    }

    /**
     * A plant in the list.
     *
     * @param position of its stop on the walk
     * @param due what is due on it today; blank for nothing
     * @param held whether something must wait on it
     * @param inCase whether it has an open case
     */
    record Line(
            PlantId id,
            String name,
            String number,
            String kind,
            StopId stop,
            String stopName,
            int position,
            Optional<LocalDate> water,
            Optional<LocalDate> looked,
            List<CareSchedule.Work> due,
            boolean held,
            boolean inCase) {
        private boolean holds(String wanted) {
            return (name + " " + number + " " + kind + " " + stopName)
                    .toLowerCase(Locale.ROOT)
                    .contains(wanted);
        }
    }

    /** What the list is put in order by. */
    enum Order implements MessageKey {
        NAME(Comparator.comparing(Line::name, String.CASE_INSENSITIVE_ORDER)),
        NUMBER(Comparator.comparing(Line::number)),
        KIND(Comparator.comparing(Line::kind, String.CASE_INSENSITIVE_ORDER).thenComparing(Line::name)),
        PLACE(Comparator.comparing(Line::position).thenComparing(Line::name)),
        WATER(Comparator.comparing((Line line) -> line.water().orElse(LocalDate.MAX))),
        LOOKED(Comparator.comparing((Line line) -> line.looked().orElse(LocalDate.MIN)));

        private final Comparator<Line> by;

        Order(Comparator<Line> by) {
            this.by = by;
        }
    }

    /** Which plants are shown. */
    enum Only implements MessageKey {
        ALL(line -> true),
        DUE(line -> !line.due().isEmpty()),
        HELD(Line::held),
        IN_CASE(Line::inCase);

        private final Predicate<Line> fits;

        Only(Predicate<Line> fits) {
            this.fits = fits;
        }
    }

    /**
     * What is asked for.
     *
     * @param q words that a plant's name, number, kind or stop hold
     * @param down whether the last comes first
     */
    record Asked(
            @Nullable String q,
            @Nullable StopId stop,
            @Nullable Only only,
            @Nullable Order by,
            @Nullable Boolean down) {
        Asked {
            q = q == null ? "" : q.strip();
            only = only == null ? Only.ALL : only;
            by = by == null ? Order.PLACE : by;
            down = Boolean.TRUE.equals(down);
        }

        private List<Line> of(Stream<Line> lines) {
            Only which = Objects.requireNonNull(only);
            Comparator<Line> order = Objects.requireNonNull(by).by;
            String wanted = Objects.requireNonNull(q).toLowerCase(Locale.ROOT);
            return lines.filter(which.fits)
                    .filter(line -> stop == null || line.stop().equals(stop))
                    .filter(line -> line.holds(wanted))
                    .sorted(Boolean.TRUE.equals(down) ? order.reversed() : order)
                    .toList();
        }
    }

    @GetMapping("/collection")
    String list(@AuthenticationPrincipal SignedIn member, Asked asked, Model model) {
        CollectionId collection = member.collection();
        List<Stop> walk = this.stops.walk(collection);
        Map<StopId, Stop> byId = walk.stream().collect(Collectors.toMap(Stop::id, stop -> stop));
        List<Plant> plants = this.plants.plants(collection);
        Map<PlantId, ScheduleRow> rows =
                schedule.of(collection, plants.stream().map(Plant::id).toList());
        CaseTroubles.Open open = cases.open(collection);
        List<Line> lines = asked.of(plants.stream().map(plant -> line(plant, byId, rows, open)));
        model.addAttribute("lines", lines);
        model.addAttribute("asked", asked);
        model.addAttribute("orders", Order.values());
        model.addAttribute("onlys", Only.values());
        model.addAttribute("stops", walk);
        model.addAttribute("isolation", walk.stream().anyMatch(Stop::isolation));
        model.addAttribute("all", plants.size());
        model.addAttribute("form", FormKey.fresh());
        model.addAttribute("deeds", TogetherController.Deed.values());
        model.addAttribute("happenings", TogetherController.Happening.values());
        return "keeping/list";
    }

    private Line line(Plant plant, Map<StopId, Stop> stops, Map<PlantId, ScheduleRow> rows, CaseTroubles.Open open) {
        Optional<CareSchedule> row = Optional.ofNullable(rows.get(plant.id())).map(ScheduleRow::schedule);
        return new Line(
                plant.id(),
                plant.name(),
                Objects.requireNonNullElse(plant.accession(), ""),
                this.plants.profile(plant).name(),
                plant.stop(),
                Optional.ofNullable(stops.get(plant.stop())).map(Stop::name).orElse(""),
                Optional.ofNullable(stops.get(plant.stop())).map(Stop::position).orElse(0),
                row.flatMap(CareSchedule::water).map(CareSchedule.WaterCheck::on),
                row.flatMap(CareSchedule::looked),
                row.map(it -> due(plant.id(), it, open)).orElse(List.of()),
                !open.holds().getOrDefault(plant.id(), Set.of()).isEmpty(),
                open.troubles().containsKey(plant.id()));
    }

    private List<CareSchedule.Work> due(PlantId plant, CareSchedule schedule, CaseTroubles.Open open) {
        LocalDate today = LocalDate.now(clock);
        return open.days(plant, schedule).entrySet().stream()
                .filter(one -> !one.getValue().isAfter(today))
                .map(Map.Entry::getKey)
                .toList();
    }

    /** A label to be cut out: the code opens the plant. */
    record Label(String name, String kind, BotanicalName botanical, String number, int size, String path) {}

    @GetMapping("/labels")
    String labels(
            @AuthenticationPrincipal SignedIn member,
            @RequestParam Optional<StopId> stop,
            @RequestParam(defaultValue = "") List<PlantId> plant,
            HttpServletRequest request,
            Model model) {
        List<Plant> plants = !plant.isEmpty()
                ? this.plants.plants(member.collection(), plant)
                : stop.isPresent()
                        ? this.plants.plantsAt(
                                member.collection(),
                                this.stops.stop(member.collection(), stop.get()).id())
                        : this.plants.plants(member.collection());
        String root =
                ServletUriComponentsBuilder.fromContextPath(request).build().toUriString();
        model.addAttribute(
                "labels", plants.stream().map(one -> label(one, root)).toList());
        model.addAttribute("collection", member.collectionName());
        return "keeping/labels";
    }

    private Label label(Plant plant, String root) {
        Profile profile = this.plants.profile(plant);
        BitMatrix code = code(root + "/plants/" + plant.id());
        return new Label(
                plant.name(),
                profile.name(),
                BotanicalName.of(profile.botanical(), Optional.ofNullable(plant.cultivar())),
                Optional.ofNullable(plant.accession()).orElse("")
                        + Optional.ofNullable(plant.acquiredOn())
                                .map(day -> " · " + year(day))
                                .orElse(""),
                code.getWidth(),
                path(code));
    }

    private static String year(LocalDate day) {
        return Wording.say("keeping.list-controller.since", Integer.toString(day.getYear()));
    }

    private static BitMatrix code(String text) {
        try {
            return new QRCodeWriter()
                    .encode(
                            text,
                            BarcodeFormat.QR_CODE,
                            1,
                            1,
                            Map.of(EncodeHintType.MARGIN, 2, EncodeHintType.ERROR_CORRECTION, ErrorCorrectionLevel.M));
        } catch (WriterException e) {
            throw new IllegalStateException("an address of a plant always fits into a code", e);
        }
    }

    /** The dark squares as one SVG path, a unit a square. */
    private static String path(BitMatrix code) {
        StringBuilder path = new StringBuilder();
        for (int y = 0; y < code.getHeight(); y++) {
            for (int x = 0; x < code.getWidth(); x++) {
                if (code.get(x, y)) {
                    path.append('M').append(x).append(' ').append(y).append("h1v1h-1z");
                }
            }
        }
        return path.toString();
    }
}

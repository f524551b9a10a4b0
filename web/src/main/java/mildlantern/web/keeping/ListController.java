package mildlantern.web.keeping;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import jakarta.servlet.http.HttpServletRequest;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.plant.Profile;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.routine.ScheduleRow;
import mildlantern.web.routine.Schedules;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.Stops;
import mildlantern.web.words.DayFormat;
import mildlantern.web.words.Wording;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** The collection as a list, and labels for its pots. */
@Controller
class ListController {
    private static final DayFormat SHORT = DayFormat.SHORT;

    private final Stops stops;
    private final Plants plants;
    private final Schedules schedule;

    ListController(Stops stops, Plants plants, Schedules schedule) {
        this.stops = stops;
        this.plants = plants;
        this.schedule = schedule;
    }

    /** A plant in the list. */
    record Line(PlantId id, String name, String number, String kind, String stop, String water, String looked) {}

    @GetMapping("/collection")
    String list(@AuthenticationPrincipal SignedIn member, @RequestParam(defaultValue = "") String q, Model model) {
        CollectionId collection = member.collection();
        Map<StopId, String> stops =
                this.stops.walk(collection).stream().collect(Collectors.toMap(Stop::id, Stop::name));
        List<Plant> plants = this.plants.plants(collection);
        Map<PlantId, ScheduleRow> rows =
                schedule.of(collection, plants.stream().map(Plant::id).toList());
        String wanted = q.strip().toLowerCase(Locale.ROOT);
        model.addAttribute(
                "lines",
                plants.stream()
                        .map(plant -> line(plant, stops, Optional.ofNullable(rows.get(plant.id()))))
                        .filter(line -> wanted.isEmpty() || words(line).contains(wanted))
                        .toList());
        model.addAttribute("q", q);
        model.addAttribute("all", plants.size());
        return "keeping/list";
    }

    private static String words(Line line) {
        return (line.name() + " " + line.number() + " " + line.kind() + " " + line.stop()).toLowerCase(Locale.ROOT);
    }

    private Line line(Plant plant, Map<StopId, String> stops, Optional<ScheduleRow> row) {
        Profile profile = this.plants.profile(plant);
        return new Line(
                plant.id(),
                plant.name(),
                Optional.ofNullable(plant.accession()).orElse(""),
                profile.name(),
                Optional.ofNullable(stops.get(plant.stop())).orElse(""),
                row.flatMap(it -> it.schedule().water())
                        .map(water -> SHORT.format(water.on()))
                        .orElse(Wording.say("keeping.list-controller.not-known")),
                row.flatMap(it -> it.schedule().looked()).map(SHORT::format).orElse("never"));
    }

    /** A label to be cut out: the code opens the plant. */
    record Label(String name, String kind, String botanical, String number, int size, String path) {}

    @GetMapping("/labels")
    String labels(
            @AuthenticationPrincipal SignedIn member,
            @RequestParam Optional<StopId> stop,
            HttpServletRequest request,
            Model model) {
        List<Plant> plants = stop.isPresent()
                ? this.plants.plantsAt(
                        member.collection(),
                        this.stops.stop(member.collection(), stop.get()).id())
                : this.plants.plants(member.collection());
        String root =
                ServletUriComponentsBuilder.fromContextPath(request).build().toUriString();
        model.addAttribute(
                "labels", plants.stream().map(plant -> label(plant, root)).toList());
        model.addAttribute("collection", member.collectionName());
        return "keeping/labels";
    }

    private Label label(Plant plant, String root) {
        Profile profile = this.plants.profile(plant);
        BitMatrix code = code(root + "/plants/" + plant.id());
        return new Label(
                plant.name(),
                profile.name()
                        + Optional.ofNullable(plant.cultivar())
                                .map(name -> " ‘" + name + "’")
                                .orElse(""),
                profile.botanical(),
                Optional.ofNullable(plant.accession()).orElse("")
                        + Optional.ofNullable(plant.acquiredOn())
                                .map(day -> " · " + year(day))
                                .orElse(""),
                code.getWidth(),
                path(code));
    }

    private static String year(LocalDate day) {
        return Wording.say("keeping.list-controller.since", day.getYear());
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

package mildlantern.web.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mildlantern.log.Counted;
import mildlantern.log.LogEntry;
import mildlantern.place.StopId;
import mildlantern.plant.Brightness;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import mildlantern.web.Visit;
import mildlantern.web.log.LogBook;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.routine.StopWriter;
import mildlantern.web.stop.Glass;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.StopKind;
import mildlantern.web.stop.Stops;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.web.util.HtmlUtils;

/** A page that was opened before somebody else changed the same thing undoes nothing: one chooses line by line. */
@LanternTest
class StaleEditTest {
    @Autowired
    private Growers growers;

    @Autowired
    private Plants plants;

    @Autowired
    private LogBook logBook;

    @Autowired
    private Stops stops;

    @Autowired
    private StopWriter stopWriter;

    @Autowired
    private RecordWriter log;

    @Autowired
    private Clock clock;

    @LocalServerPort
    private int port;

    private Growers.Grower grower;
    private CollectionId collection;
    private Stop porch;
    private Visit visit;
    private String address;

    @BeforeEach
    void aPlantAndTwoStops() throws Exception {
        grower = growers.grower();
        collection = grower.member().collection();
        porch = stops.store(
                new Stop(StopId.fresh(), collection, 2, "Porch").climate(Brightness.BRIGHT, 60.0, 15.0, 9.0));
        visit = new Visit(port, grower);
        address = "/plants/" + grower.plant().id();
    }

    private Plant plant() {
        return plants.plant(collection, grower.plant().id());
    }

    /** The fields of the form on a page that goes to an address, as a browser would send them. */
    private static List<String> fields(String page, String action) {
        int from = page.indexOf("action=\"" + action + "\"");
        String form = page.substring(from, page.indexOf("</form>", from));
        List<String> fields = new ArrayList<>();
        Matcher input = Pattern.compile("<input([^>]*)>").matcher(form);
        while (input.find()) {
            String tag = input.group(1);
            boolean chosen =
                    !tag.contains("type=\"checkbox\"") && !tag.contains("type=\"radio\"") || tag.contains("checked");
            if (chosen && !attribute(tag, "name").isEmpty()) {
                fields.add(attribute(tag, "name") + "=" + Visit.encoded(attribute(tag, "value")));
            }
        }
        Matcher select = Pattern.compile("(?s)<select([^>]*)>(.*?)</select>").matcher(form);
        while (select.find()) {
            Matcher option = Pattern.compile("<option([^>]*selected[^>]*)>").matcher(select.group(2));
            if (option.find()) {
                fields.add(
                        attribute(select.group(1), "name") + "=" + Visit.encoded(attribute(option.group(1), "value")));
            }
        }
        return fields;
    }

    private static String attribute(String tag, String name) {
        Matcher value = Pattern.compile("\\b" + name + "=\"([^\"]*)\"").matcher(tag);
        return value.find() ? HtmlUtils.htmlUnescape(value.group(1)) : "";
    }

    private static String with(List<String> fields, String name, String value) {
        List<String> changed = new ArrayList<>(fields);
        changed.removeIf(field -> field.startsWith(name + "="));
        changed.add(name + "=" + Visit.encoded(value));
        return String.join("&", changed);
    }

    private void repottedAndMovedElsewhere() {
        log.write(
                collection,
                grower.plant().id(),
                FormKey.fresh(),
                LocalDate.now(clock),
                List.of(
                        RecordWriter.Line.of(new LogEntry.Repotted(OptionalDouble.of(22), Optional.of("sphagnum"))),
                        RecordWriter.Line.of(new LogEntry.Moved(
                                Optional.empty(),
                                Optional.of(porch.id()),
                                OptionalDouble.empty(),
                                OptionalDouble.empty())),
                        RecordWriter.Line.of(new LogEntry.Count(Counted.LEAVES, 11))));
    }

    @Test
    void aStalePageOfAPlantStoresNothing_andOneChoosesLineByLine() throws Exception {
        List<String> opened = fields(visit.open(address + "/edit"), address);
        repottedAndMovedElsewhere();
        HttpResponse<String> answer = visit.form(address, with(opened, "cultivar", "Harbour Light"));

        assertThat(answer.statusCode()).isEqualTo(409);
        assertThat(answer.body())
                .contains("Changed in the meantime", "Nothing was saved yet", "Harbour Light", "sphagnum", "Porch");
        assertThat(plant().cultivar()).isNull();
        assertThat(plant().potDiameterCm()).isEqualTo(22);
        assertThat(plant().stop()).isEqualTo(porch.id());

        // What only the other changed is marked as it stands, what only this one typed as it was typed.
        visit.form(address, String.join("&", fields(answer.body(), address)));
        assertThat(plant().cultivar()).isEqualTo("Harbour Light");
        assertThat(plant().potDiameterCm()).isEqualTo(22);
        assertThat(plant().medium()).isEqualTo("sphagnum");
        assertThat(plant().stop()).isEqualTo(porch.id());
        assertThat(plant().leaves()).isEqualTo(11);
    }

    @Test
    void whereBothChangedALineNeitherIsMarked_andTheChoiceHolds() throws Exception {
        List<String> opened = fields(visit.open(address + "/edit"), address);
        repottedAndMovedElsewhere();
        String page = visit.form(address, with(opened, "leaves", "7")).body();
        List<String> offered = fields(page, address);
        assertThat(offered).noneMatch(field -> field.startsWith("leaves="));
        visit.form(address, with(offered, "leaves", "7"));
        assertThat(plant().leaves()).isEqualTo(7);
        assertThat(plant().potDiameterCm()).isEqualTo(22);
    }

    @Test
    void anEditOfAFreshPageIsStored_andSentTwiceItIsStoredOnce() throws Exception {
        List<String> opened = fields(visit.open(address + "/edit"), address);
        String sent = with(opened, "stop", porch.id().toString()) + "&anyway=true";
        assertThat(visit.form(address, sent).statusCode()).isEqualTo(200);
        assertThat(visit.form(address, sent).statusCode()).isEqualTo(200);
        assertThat(plant().stop()).isEqualTo(porch.id());
        assertThat(logBook.entries(plant())).hasSize(1);
    }

    @Test
    void aStalePageOfAStopStoresNothing() throws Exception {
        String stop = "/stops/" + grower.stop().id();
        List<String> opened = fields(visit.open(stop), stop);
        assertThat(visit.form(stop, with(fields(visit.open(stop), stop), "widthCm", "220"))
                        .statusCode())
                .isEqualTo(200);
        HttpResponse<String> answer = visit.form(stop, with(opened, "name", "Window"));
        assertThat(answer.statusCode()).isEqualTo(409);
        Stop now = stops.stop(collection, grower.stop().id());
        assertThat(now.name()).isEqualTo("Sill");
        assertThat(now.widthCm()).isEqualTo(220);
        visit.form(stop, String.join("&", fields(answer.body(), stop)));
        Stop chosen = stops.stop(collection, grower.stop().id());
        assertThat(chosen.name()).isEqualTo("Window");
        assertThat(chosen.widthCm()).isEqualTo(220);
    }

    @Test
    void aStalePageOfWhereTheHouseStandsStoresNothing() throws Exception {
        String page = "/stops/" + grower.stop().id();
        String site = page + "/site";
        stopWriter.reshape(
                collection,
                grower.stop().id(),
                FormKey.fresh(),
                stops.stop(collection, grower.stop().id()).version(),
                1,
                stop -> stop.built(StopKind.SILL, Glass.SOUTH, 20).glazed(null, null, 120, 120, 0, 5));
        List<String> opened = fields(visit.open(page), site);
        visit.form(site, with(List.of(with(fields(visit.open(page), site), "latitude", "50")), "longitude", "8"));
        HttpResponse<String> answer = visit.form(site, with(List.of(with(opened, "latitude", "10")), "longitude", "8"));
        assertThat(answer.statusCode()).isEqualTo(409);
        assertThat(answer.body()).contains("Latitude", "50", "10");
    }
}

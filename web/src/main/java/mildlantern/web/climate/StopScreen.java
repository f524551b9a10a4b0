package mildlantern.web.climate;

import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalTime;
import mildlantern.light.Sky;
import mildlantern.place.StopId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.RecordForms;
import mildlantern.web.platform.Reply;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.stop.Houses;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.Stops;
import org.springframework.stereotype.Component;

/** Shows the page of a stop, as it stands or with what was wrong. */
@Component
class StopScreen {
    static final int USUAL_DAYS = 14;

    private final Stops stops;
    private final Houses houses;
    private final StopPages pages;
    private final RecordForms forms;
    private final Clock clock;

    StopScreen(Stops stops, Houses houses, StopPages pages, RecordForms forms, Clock clock) {
        this.stops = stops;
        this.houses = houses;
        this.pages = pages;
        this.forms = forms;
        this.clock = clock;
    }

    /** Shows the page; a form that is in the model already, with what was typed, stays. */
    String page(SignedIn member, StopId id, int days, Reply reply) {
        Stop stop = stops.stop(member.collection(), id);
        LocalDate today = LocalDate.now(clock);
        show(reply, "reading", new StopForms.Reading(FormKey.fresh(), today, null, null, null, null, null));
        show(reply, "shape", StopForms.Shape.of(stop));
        show(
                reply,
                "meter",
                new StopForms.Meter(
                        FormKey.fresh(),
                        today,
                        LocalTime.now(clock).withMinute(0).withSecond(0).withNano(0),
                        null,
                        StopForms.MeterUnit.LUX,
                        Sky.OVERCAST));
        show(reply, "site", StopForms.Site.of(houses.site(member.collection())));
        reply.put("page", pages.page(member.collection(), id, days));
        reply.put("here", id);
        reply.put("form", FormKey.fresh());
        return "climate/stop";
    }

    String wrong(SignedIn member, StopId id, Reply reply) {
        reply.wrong();
        return page(member, id, USUAL_DAYS, reply);
    }

    private void show(Reply reply, String name, Record form) {
        if (!reply.has(name)) {
            forms.show(reply, name, form);
        }
    }
}

package mildlantern.web.stop;

import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import mildlantern.pest.Aim;
import mildlantern.plant.Season;
import mildlantern.treatment.Style;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.NotHere;
import mildlantern.web.platform.StaleEdit;
import mildlantern.web.platform.WrittenForms;
import org.jspecify.annotations.Nullable;
import org.springframework.data.repository.Repository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Makes collections and knows what holds for all of one: its name, its seasons. */
@Service
public class Houses {
    private static final double GUESSED_LATITUDE = 48;

    private final Rows rows;
    private final WrittenForms forms;
    private final Clock clock;

    Houses(Rows rows, WrittenForms forms, Clock clock) {
        this.rows = rows;
        this.forms = forms;
        this.clock = clock;
    }

    interface Rows extends Repository<House, UUID> {
        House save(House collection);

        Optional<House> findById(UUID id);
    }

    @Transactional
    public void make(CollectionId id, String name, String hemisphere) {
        rows.save(new House(id, name, hemisphere, OffsetDateTime.now(clock)));
    }

    @Transactional(readOnly = true)
    public boolean exists(CollectionId id) {
        return rows.findById(id.value()).isPresent();
    }

    @Transactional(readOnly = true)
    public String named(CollectionId id) {
        return find(id).name();
    }

    /** How this house prefers to treat. */
    @Transactional(readOnly = true)
    public Style style(CollectionId id) {
        return find(id).style();
    }

    /** What courses of this house aim at. */
    @Transactional(readOnly = true)
    public Aim aim(CollectionId id) {
        return find(id).aim();
    }

    /** Chooses what courses of this house aim at. */
    @Transactional
    public void aims(CollectionId id, Aim aim) {
        find(id).aims(aim);
    }

    /** The first day whose counts teach this house something; empty for all. */
    @Transactional(readOnly = true)
    public Optional<LocalDate> learnsSince(CollectionId id) {
        return Optional.ofNullable(find(id).learnsSince());
    }

    /** Forgets what was learned from counts until today. */
    @Transactional
    public void learnsAnew(CollectionId id) {
        find(id).learnsAnew(LocalDate.now(clock));
    }

    /** Chooses how this house prefers to treat. */
    @Transactional
    public void prefer(CollectionId id, Style style) {
        find(id).prefer(style);
    }

    /**
     * Where a house stands.
     *
     * @param latitude degrees, north above 0
     * @param longitude degrees, east above 0
     * @param said whether the grower said so; otherwise it is a guess by the hemisphere
     * @param simulatedWeather whether its weather is made up, as for the demo
     * @param version of the house, to be carried by a form that changes it
     */
    public record Site(double latitude, double longitude, boolean said, boolean simulatedWeather, long version) {}

    /** Where the house stands; a middle latitude of its hemisphere where nothing was said. */
    @Transactional(readOnly = true)
    public Site site(CollectionId id) {
        House house = find(id);
        boolean said = house.latitude() != null;
        return new Site(
                said ? house.latitude() : house.south() ? -GUESSED_LATITUDE : GUESSED_LATITUDE,
                house.longitude() == null ? 0 : house.longitude(),
                said,
                house.simulatedWeather(),
                house.version());
    }

    /** Says where the house stands. */
    @Transactional
    public void stands(CollectionId id, double latitude, double longitude, boolean simulatedWeather) {
        find(id).standing(latitude, longitude, simulatedWeather);
    }

    /**
     * Says where the house stands, once; its weather stays.
     *
     * @param opened the version that the page showed
     * @throws StaleEdit if the house was changed since the page was opened; nothing is stored
     */
    @Transactional(rollbackFor = StaleEdit.class)
    public void stands(CollectionId id, FormKey form, @Nullable Long opened, double latitude, double longitude)
            throws StaleEdit {
        House house = find(id);
        if (forms.firstTime(id, form)) {
            StaleEdit.check(opened, house.version());
            house.standing(latitude, longitude, house.simulatedWeather());
        }
    }

    /** The clock of the house; empty where it is the machine's. */
    @Transactional(readOnly = true)
    public Optional<ZoneId> zone(CollectionId id) {
        return Optional.ofNullable(find(id).zone()).map(ZoneId::of);
    }

    /** North or south, by which its seasons turn. */
    @Transactional(readOnly = true)
    public String hemisphere(CollectionId id) {
        return find(id).hemisphere();
    }

    /** Says by which clock the house lives, and on which half of the earth. */
    @Transactional
    public void clockedBy(CollectionId id, Optional<ZoneId> zone, String hemisphere) {
        find(id).clockedBy(zone.map(ZoneId::getId).orElse(null), hemisphere);
    }

    /** The feed that this house mixes, by its id. */
    @Transactional(readOnly = true)
    public Optional<String> feed(CollectionId id) {
        return Optional.ofNullable(find(id).feed());
    }

    /** Chooses the feed that this house mixes. */
    @Transactional
    public void feedWith(CollectionId id, String feed) {
        find(id).feedWith(feed);
    }

    /** The season of a day where the collection stands. */
    public Season season(CollectionId id, LocalDate day) {
        return seasons(id).apply(day);
    }

    /** The seasons where the collection stands, by the quarters of the sun: winter is the quarter about its shortest day. */
    public Function<LocalDate, Season> seasons(CollectionId id) {
        int turn = find(id).south() ? 2 : 0;
        return day -> Season.ofSun(day, turn);
    }

    private House find(CollectionId id) {
        return rows.findById(id.value()).orElseThrow(() -> new NotHere("collection"));
    }
}

package mildlantern.web.collection;

import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import mildlantern.plant.Season;
import mildlantern.treatment.Style;
import mildlantern.web.platform.NotHere;
import org.springframework.data.repository.Repository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Makes collections and knows what holds for all of one: its name, its seasons. */
@Service
public class Collections {
    private final Rows rows;
    private final Clock clock;

    Collections(Rows rows, Clock clock) {
        this.rows = rows;
        this.clock = clock;
    }

    interface Rows extends Repository<PlantCollection, UUID> {
        PlantCollection save(PlantCollection collection);

        Optional<PlantCollection> findById(UUID id);
    }

    @Transactional
    public PlantCollection make(UUID id, String name, String hemisphere) {
        return rows.save(new PlantCollection(id, name, hemisphere, OffsetDateTime.now(clock)));
    }

    @Transactional(readOnly = true)
    public boolean exists(UUID id) {
        return rows.findById(id).isPresent();
    }

    @Transactional(readOnly = true)
    public String named(UUID id) {
        return find(id).name();
    }

    /** How this house prefers to treat. */
    @Transactional(readOnly = true)
    public Style style(UUID id) {
        return find(id).style();
    }

    /** Chooses how this house prefers to treat. */
    @Transactional
    public void prefer(UUID id, Style style) {
        find(id).prefer(style);
    }

    /** The season of a day where the collection stands. */
    Season season(UUID id, LocalDate day) {
        return seasons(id).apply(day);
    }

    /** The seasons where the collection stands, by the calendar's quarters from March. */
    Function<LocalDate, Season> seasons(UUID id) {
        Season[] northern = {Season.WINTER, Season.SPRING, Season.SUMMER, Season.AUTUMN};
        int turn = find(id).south() ? 2 : 0;
        return day -> northern[(day.getMonthValue() % 12 / 3 + turn) % 4];
    }

    private PlantCollection find(UUID id) {
        return rows.findById(id).orElseThrow(() -> new NotHere("collection"));
    }
}

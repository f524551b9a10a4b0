package mildlantern.web.photo;

import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import mildlantern.log.LogEntry;
import mildlantern.plant.PlantId;
import mildlantern.web.log.LogLine;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.NotHere;
import mildlantern.web.platform.WrittenForms;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.routine.Routine;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes photos of plants in and gives them out. */
@Service
public class PhotoService {
    private final PhotoRows photos;
    private final Plants plants;
    private final RecordWriter log;
    private final Routine routine;
    private final WrittenForms forms;
    private final Pictures pictures;
    private final Clock clock;

    PhotoService(
            PhotoRows photos,
            Plants plants,
            RecordWriter log,
            Routine routine,
            WrittenForms forms,
            Pictures pictures,
            Clock clock) {
        this.photos = photos;
        this.plants = plants;
        this.log = log;
        this.routine = routine;
        this.forms = forms;
        this.pictures = pictures;
        this.clock = clock;
    }

    /**
     * Takes a photo of a plant in, once, however often the form is sent. It is dated by the camera where the camera says a day that
     * can be true, otherwise today.
     *
     * @throws Pictures.Unusable if the file is no picture or too large a one; the message is for the grower
     */
    public void take(CollectionId collection, PlantId plantId, FormKey form, Path file, String caption)
            throws Pictures.Unusable {
        plants.plant(collection, plantId);
        // Pictures wait for one another; nobody holds the plant or the database meanwhile.
        Pictures.Made made = pictures.make(file);
        LocalDate today = LocalDate.now(clock);
        LocalDate day = made.takenOn()
                .filter(said -> !said.isAfter(today) && said.isAfter(today.minusYears(30)))
                .orElse(today);
        routine.write(collection, List.of(plantId), () -> {
            Plant plant = plants.plant(collection, plantId);
            if (forms.firstTime(collection, form)) {
                LogLine entry = log.note(
                        plant, day, new LogEntry.Photographed(), caption.isBlank() ? null : caption, Optional.empty());
                photos.save(new Photo(plant, day, caption, made.picture())
                        .small(made.small())
                        .loggedAs(entry));
            }
        });
    }

    /**
     * @throws NotHere if the collection has no such photo
     */
    @Transactional(readOnly = true)
    Photo photo(CollectionId collection, PhotoId id) {
        return photos.findByCollectionAndId(collection, id.value()).orElseThrow(() -> new NotHere("photo"));
    }

    /** The small one, for lists. */
    @Transactional(readOnly = true)
    byte[] small(CollectionId collection, PhotoId id) {
        return photos.thumbnail(collection, id.value())
                .orElseGet(() -> photo(collection, id).bytes());
    }

    @Transactional(readOnly = true)
    public List<PhotoLine> of(Plant plant) {
        return photos.listed(plant.collection(), plant.id());
    }
}

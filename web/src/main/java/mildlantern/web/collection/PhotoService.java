package mildlantern.web.collection;

import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import mildlantern.web.platform.NotHere;
import mildlantern.web.platform.WrittenForms;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes photos of plants in and gives them out. */
@Service
class PhotoService {
    private final Repositories.Photos photos;
    private final CollectionService collections;
    private final LogBook log;
    private final Routine routine;
    private final WrittenForms forms;
    private final Pictures pictures;
    private final Clock clock;

    PhotoService(
            Repositories.Photos photos,
            CollectionService collections,
            LogBook log,
            Routine routine,
            WrittenForms forms,
            Pictures pictures,
            Clock clock) {
        this.photos = photos;
        this.collections = collections;
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
    void take(UUID collection, UUID plantId, UUID form, Path file, String caption) throws Pictures.Unusable {
        collections.plant(collection, plantId);
        // Pictures wait for one another; nobody holds the plant or the database meanwhile.
        Pictures.Made made = pictures.make(file);
        LocalDate today = LocalDate.now(clock);
        LocalDate day = made.takenOn()
                .filter(said -> !said.isAfter(today) && said.isAfter(today.minusYears(30)))
                .orElse(today);
        routine.write(collection, List.of(plantId), () -> {
            Plant plant = collections.plant(collection, plantId);
            if (forms.firstTime(collection, form)) {
                Happening entry = log.note(plant, day, HappeningKind.PHOTO, caption.isBlank() ? null : caption);
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
    Photo photo(UUID collection, UUID id) {
        return photos.findByCollectionAndId(collection, id).orElseThrow(() -> new NotHere("photo"));
    }

    /** The small one, for lists. */
    @Transactional(readOnly = true)
    byte[] small(UUID collection, UUID id) {
        return photos.thumbnail(collection, id)
                .orElseGet(() -> photo(collection, id).bytes());
    }

    @Transactional(readOnly = true)
    List<Repositories.Listed> of(Plant plant) {
        return photos.listed(plant.collection(), plant.id());
    }
}

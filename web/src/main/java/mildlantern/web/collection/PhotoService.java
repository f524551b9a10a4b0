package mildlantern.web.collection;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.exif.ExifSubIFDDirectory;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Date;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.TimeZone;
import java.util.UUID;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import mildlantern.web.platform.NotHere;
import mildlantern.web.platform.WrittenForms;
import net.coobird.thumbnailator.Thumbnails;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Takes photos in, turned upright, scaled and freed of what the camera wrote into them (place, device), and gives them out. What a
 * file is decides its content, not its name.
 */
@Service
class PhotoService {
    private static final int LONGEST_SIDE = 1600;
    private static final int SMALL_SIDE = 320;
    private static final Set<String> FORMATS = Set.of("jpeg", "png", "webp");

    /** A picture of more pixels than this is refused before it is unpacked. */
    private static final long MOST_PIXELS = 80_000_000L;

    private final Repositories.Photos photos;
    private final CollectionService collections;
    private final LogBook log;
    private final Routine routine;
    private final WrittenForms forms;
    private final Clock clock;

    PhotoService(
            Repositories.Photos photos,
            CollectionService collections,
            LogBook log,
            Routine routine,
            WrittenForms forms,
            Clock clock) {
        this.photos = photos;
        this.collections = collections;
        this.log = log;
        this.routine = routine;
        this.forms = forms;
        this.clock = clock;
    }

    /** Why a picture was not taken in. */
    static final class Unusable extends Exception {
        private static final long serialVersionUID = 1L;

        Unusable(String why) {
            super(why);
        }
    }

    /**
     * Takes a photo of a plant in, once, however often the form is sent. It is dated by the camera where the camera says a day that
     * can be true, otherwise today.
     *
     * @throws Unusable if the bytes are no picture or too large a one; the message is for the grower
     */
    @Transactional(rollbackFor = Unusable.class)
    void take(UUID collection, UUID plantId, UUID form, byte[] bytes, String caption) throws Unusable {
        collections.plant(collection, plantId);
        byte[] scaled = scaled(bytes, LONGEST_SIDE);
        byte[] small = scaled(bytes, SMALL_SIDE);
        LocalDate day = taken(bytes).orElse(LocalDate.now(clock));
        routine.write(collection, List.of(plantId), () -> {
            Plant plant = collections.plant(collection, plantId);
            if (forms.firstTime(collection, form)) {
                Happening entry = log.note(plant, day, HappeningKind.PHOTO, caption.isBlank() ? null : caption);
                photos.save(new Photo(plant, day, caption, "image/jpeg", scaled)
                        .small(small)
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

    private Optional<LocalDate> taken(byte[] bytes) {
        try {
            ExifSubIFDDirectory camera = ImageMetadataReader.readMetadata(new ByteArrayInputStream(bytes))
                    .getFirstDirectoryOfType(ExifSubIFDDirectory.class);
            Date date = camera == null ? null : camera.getDateOriginal(TimeZone.getTimeZone(ZoneOffset.UTC));
            LocalDate today = LocalDate.now(clock);
            return Optional.ofNullable(date)
                    .map(it -> it.toInstant().atZone(ZoneOffset.UTC).toLocalDate())
                    .filter(day -> !day.isAfter(today) && day.isAfter(today.minusYears(30)));
        } catch (ImageProcessingException | IOException e) {
            return Optional.empty();
        }
    }

    private static byte[] scaled(byte[] bytes, int longest) throws Unusable {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            Optional<ImageReader> reader = first(ImageIO.getImageReaders(in));
            if (reader.isEmpty()
                    || !FORMATS.contains(reader.get().getFormatName().toLowerCase(Locale.ROOT))) {
                throw new Unusable("That is no picture we can read; send a JPEG, PNG or WebP.");
            }
            reader.get().setInput(in);
            int width = reader.get().getWidth(0);
            int height = reader.get().getHeight(0);
            if ((long) width * height > MOST_PIXELS) {
                throw new Unusable("That picture has more than 80 million pixels; send a smaller one.");
            }
            int side = Math.min(longest, Math.max(width, height));
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            Thumbnails.of(new ByteArrayInputStream(bytes))
                    .size(side, side)
                    .imageType(BufferedImage.TYPE_INT_RGB)
                    .outputFormat("jpg")
                    .outputQuality(0.85)
                    .toOutputStream(out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new Unusable("That picture could not be read; it may be damaged.");
        }
    }

    private static Optional<ImageReader> first(Iterator<ImageReader> readers) {
        return readers.hasNext() ? Optional.of(readers.next()) : Optional.empty();
    }
}

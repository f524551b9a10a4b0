package mildlantern.web.collection;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import mildlantern.web.platform.NotHere;
import net.coobird.thumbnailator.Thumbnails;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes photos in, scaled and freed of what the camera wrote into them, and gives them out. */
@Service
class PhotoService {
    private static final int LONGEST_SIDE = 1600;

    /** A picture of more pixels than this is refused before it is unpacked. */
    private static final long MOST_PIXELS = 80_000_000L;

    private final Repositories.Photos photos;
    private final CollectionService collections;
    private final Clock clock;

    PhotoService(Repositories.Photos photos, CollectionService collections, Clock clock) {
        this.photos = photos;
        this.collections = collections;
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
     * Takes a photo of a plant in, once, however often the form is sent.
     *
     * @throws Unusable if the bytes are no picture or too large a one; the message is for the grower
     */
    @Transactional(rollbackFor = Unusable.class)
    void take(UUID collection, UUID plantId, UUID form, byte[] bytes, String caption) throws Unusable {
        Plant plant = collections.plant(collection, plantId);
        byte[] scaled = scaled(bytes);
        collections.once(
                collection,
                form,
                () -> photos.save(new Photo(plant, LocalDate.now(clock), caption, "image/jpeg", scaled)));
    }

    /**
     * @throws NotHere if the collection has no such photo
     */
    @Transactional(readOnly = true)
    Photo photo(UUID collection, UUID id) {
        return photos.findByCollectionAndId(collection, id).orElseThrow(() -> new NotHere("photo"));
    }

    @Transactional(readOnly = true)
    List<Repositories.Listed> of(Plant plant) {
        return photos.listed(plant.collection(), plant.id());
    }

    private static byte[] scaled(byte[] bytes) throws Unusable {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            Optional<ImageReader> reader = first(ImageIO.getImageReaders(in));
            if (reader.isEmpty()) {
                throw new Unusable("That is no picture we can read; send a JPEG or PNG.");
            }
            reader.get().setInput(in);
            int width = reader.get().getWidth(0);
            int height = reader.get().getHeight(0);
            if ((long) width * height > MOST_PIXELS) {
                throw new Unusable("That picture has more than 80 million pixels; send a smaller one.");
            }
            int side = Math.min(LONGEST_SIDE, Math.max(width, height));
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

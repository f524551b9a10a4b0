package mildlantern.web.photo;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.Metadata;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.ExifSubIFDDirectory;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Iterator;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TimeZone;
import javax.imageio.IIOException;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.FileImageInputStream;
import javax.imageio.stream.ImageInputStream;
import mildlantern.web.edge.Gates;
import mildlantern.web.words.Wording;
import net.coobird.thumbnailator.Thumbnails;
import net.coobird.thumbnailator.util.exif.ExifFilterUtils;
import net.coobird.thumbnailator.util.exif.Orientation;
import org.springframework.stereotype.Component;

/**
 * Makes a photo of whatever was sent: turned upright, scaled, and drawn anew, so that nothing of the file but its picture is kept. What a file
 * is decides its content, not its name. Pictures are read in steps of pixels and one at a time, so that a phone's fifty megapixels need little
 * more memory than a small one.
 */
@Component
public class Pictures {
    private static final int LONGEST_SIDE = 1600;
    private static final int SMALL_SIDE = 320;

    /** Larger pictures are read every second, third ... pixel only, to no less than so many. */
    private static final int READ_SIDE = 2000;

    /** So many pixels at the most, by format. WebP can only be read whole. */
    private static final Map<String, Long> MOST_PIXELS =
            Map.of("jpeg", 110_000_000L, "png", 110_000_000L, "webp", 16_000_000L);

    private final Gates gates;

    Pictures(Gates gates) {
        this.gates = gates;
    }

    /** Why a picture was not taken in; the message is for the grower. */
    public static final class Unusable extends Exception {
        private static final long serialVersionUID = 1L;

        Unusable(String why) {
            super(why);
        }
    }

    /**
     * A photo as it is kept, JPEG both.
     *
     * @param takenOn the day by the camera's clock, where it says one
     */
    public record Made(byte[] picture, byte[] small, Optional<LocalDate> takenOn) {}

    /**
     * @throws Unusable if the file is no picture, or too large a one
     */
    public Made make(Path file) throws Unusable {
        return gates.pictures().behind(() -> drawnAnew(file));
    }

    private static Made drawnAnew(Path file) throws Unusable {
        try (ImageInputStream in = new FileImageInputStream(file.toFile())) {
            ImageReader reader = reader(in);
            try {
                // What else stands in the file can unpack to any size: it is not read.
                reader.setInput(in, true, true);
                String format = reader.getFormatName().toLowerCase(Locale.ROOT);
                Optional<Metadata> camera = format.equals("png") ? Optional.empty() : camera(file);
                BufferedImage upright = ExifFilterUtils.getFilterForOrientation(orientation(camera))
                        .apply(read(reader, format));
                byte[] picture = scaled(upright, LONGEST_SIDE);
                return new Made(picture, scaled(upright, SMALL_SIDE), camera.flatMap(Pictures::takenOn));
            } finally {
                reader.dispose();
            }
        } catch (IOException e) {
            throw damaged();
        } catch (RuntimeException e) {
            // Readers throw whatever a damaged file leads them to.
            throw damaged();
        }
    }

    private static Unusable damaged() {
        return new Unusable(Wording.say("photo.pictures.picture-could-not-read"));
    }

    private static ImageReader reader(ImageInputStream in) throws IOException, Unusable {
        Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
        if (readers.hasNext()) {
            ImageReader reader = readers.next();
            if (MOST_PIXELS.containsKey(reader.getFormatName().toLowerCase(Locale.ROOT))) {
                return reader;
            }
        }
        throw new Unusable(Wording.say("photo.pictures.file-not-picture-we"));
    }

    private static BufferedImage read(ImageReader reader, String format) throws IOException, Unusable {
        long most = MOST_PIXELS.getOrDefault(format, 0L);
        int longest = Math.max(reader.getWidth(0), reader.getHeight(0));
        if ((long) reader.getWidth(0) * reader.getHeight(0) > most) {
            throw new Unusable(Wording.say("photo.pictures.picture-has-more-than", most / 1_000_000));
        }
        int step = Math.max(1, longest / READ_SIDE);
        ImageReadParam param = reader.getDefaultReadParam();
        param.setSourceSubsampling(step, step, 0, 0);
        BufferedImage read = reader.read(0, param);
        if (read == null) {
            throw new IIOException("no picture in it");
        }
        return read;
    }

    private static byte[] scaled(BufferedImage picture, int longest) throws IOException {
        int side = Math.min(longest, Math.max(picture.getWidth(), picture.getHeight()));
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        Thumbnails.of(picture)
                .size(side, side)
                .imageType(BufferedImage.TYPE_INT_RGB)
                .outputFormat("jpg")
                .outputQuality(0.85)
                .toOutputStream(out);
        return out.toByteArray();
    }

    private static Optional<Metadata> camera(Path file) {
        try (InputStream in = Files.newInputStream(file)) {
            return Optional.of(ImageMetadataReader.readMetadata(in));
        } catch (ImageProcessingException | IOException e) {
            return Optional.empty();
        }
    }

    private static Orientation orientation(Optional<Metadata> camera) {
        ExifIFD0Directory said = camera.map(it -> it.getFirstDirectoryOfType(ExifIFD0Directory.class))
                .orElse(null);
        try {
            return said == null || !said.containsTag(ExifIFD0Directory.TAG_ORIENTATION)
                    ? Orientation.TOP_LEFT
                    : Optional.ofNullable(Orientation.typeOf(said.getInt(ExifIFD0Directory.TAG_ORIENTATION)))
                            .orElse(Orientation.TOP_LEFT);
        } catch (MetadataException e) {
            return Orientation.TOP_LEFT;
        }
    }

    private static Optional<LocalDate> takenOn(Metadata camera) {
        return Optional.ofNullable(camera.getFirstDirectoryOfType(ExifSubIFDDirectory.class))
                .flatMap(said -> Optional.ofNullable(said.getDateOriginal(TimeZone.getTimeZone(ZoneOffset.UTC))))
                .map(date -> date.toInstant().atZone(ZoneOffset.UTC).toLocalDate());
    }
}

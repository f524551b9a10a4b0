package mildlantern.web.photo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.drew.imaging.ImageMetadataReader;
import com.drew.metadata.exif.GpsDirectory;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Base64;
import java.util.UUID;
import javax.imageio.ImageIO;
import mildlantern.log.LogKind;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import mildlantern.web.log.LogBook;
import mildlantern.web.log.LogLine;
import mildlantern.web.platform.FormKey;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.routine.TakeBack;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;

/** Photos come in upright, small enough, and without what the camera wrote into them. */
@LanternTest
class PhotoServiceTest {
    /** A white point as lossy WebP. */
    private static final String WEBP = "UklGRiIAAABXRUJQVlA4IBYAAAAwAQCdASoBAAEADsD+JaQAA3AAAAAA";

    @Autowired
    private PhotoService photos;

    @Autowired
    private LogBook logBook;

    @Autowired
    private RecordWriter log;

    @Autowired
    private TakeBack takeBack;

    @Autowired
    private Growers growers;

    @TempDir
    private Path folder;

    private Growers.Grower grower;

    @BeforeEach
    void aGrower() {
        grower = growers.grower();
    }

    private Path file(byte[] bytes) throws Exception {
        return Files.write(folder.resolve(UUID.randomUUID() + ".picture"), bytes);
    }

    private Photo take(byte[] bytes) throws Exception {
        FormKey form = FormKey.fresh();
        photos.take(grower.member().collection(), grower.plant().id(), form, file(bytes), "a leaf");
        photos.take(grower.member().collection(), grower.plant().id(), form, file(bytes), "a leaf");
        assertThat(photos.of(grower.plant())).hasSize(1);
        return photos.photo(
                grower.member().collection(), photos.of(grower.plant()).get(0).id());
    }

    /** Red above blue, 400 by 200. */
    private static byte[] picture(String format) throws Exception {
        BufferedImage image = new BufferedImage(400, 200, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        pen.setColor(Color.RED);
        pen.fillRect(0, 0, 400, 100);
        pen.setColor(Color.BLUE);
        pen.fillRect(0, 100, 400, 100);
        pen.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, format, out);
        return out.toByteArray();
    }

    /** The same as a phone held sideways writes it: a note to turn it by 90°, and where it was taken. */
    private static byte[] fromAPhone() throws Exception {
        byte[] jpeg = picture("jpg");
        byte[] tiff = {
            'M',
            'M',
            0,
            42,
            0,
            0,
            0,
            8, //
            0,
            2, // two entries
            1,
            18,
            0,
            3,
            0,
            0,
            0,
            1,
            0,
            6,
            0,
            0, // turn by 90°
            (byte) 0x88,
            37,
            0,
            4,
            0,
            0,
            0,
            1,
            0,
            0,
            0,
            38, // where: at 38
            0,
            0,
            0,
            0, //
            0,
            1, // one entry
            0,
            1,
            0,
            2,
            0,
            0,
            0,
            2,
            'N',
            0,
            0,
            0, // north
            0,
            0,
            0,
            0
        };
        byte[] head = "Exif\0\0".getBytes(StandardCharsets.US_ASCII);
        int length = 2 + head.length + tiff.length;
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(jpeg, 0, 2);
        out.write(new byte[] {(byte) 0xFF, (byte) 0xE1, (byte) (length >> 8), (byte) length});
        out.write(head);
        out.write(tiff);
        out.write(jpeg, 2, jpeg.length - 2);
        return out.toByteArray();
    }

    @Test
    void aPhotoFromAPhoneIsTurnedUpright_andSaysNotWhereItWasTaken() throws Exception {
        byte[] phone = fromAPhone();
        assertThat(ImageMetadataReader.readMetadata(new ByteArrayInputStream(phone))
                        .containsDirectoryOfType(GpsDirectory.class))
                .as("the test's own picture says where it was taken")
                .isTrue();
        Photo photo = take(phone);
        BufferedImage kept = ImageIO.read(new ByteArrayInputStream(photo.bytes()));
        assertThat(kept.getWidth()).isEqualTo(200);
        assertThat(kept.getHeight()).isEqualTo(400);
        assertThat(new Color(kept.getRGB(150, 200)).getRed())
                .as("red stands right now")
                .isGreaterThan(180);
        assertThat(ImageMetadataReader.readMetadata(new ByteArrayInputStream(photo.bytes()))
                        .containsDirectoryOfType(GpsDirectory.class))
                .isFalse();
    }

    @Test
    void pngAndWebpComeInToo_andTheRecordSaysSo() throws Exception {
        assertThat(ImageIO.read(new ByteArrayInputStream(take(picture("png")).bytes()))
                        .getWidth())
                .isEqualTo(400);
        photos.take(
                grower.member().collection(),
                grower.plant().id(),
                FormKey.fresh(),
                file(Base64.getDecoder().decode(WEBP)),
                "a point");
        assertThat(photos.of(grower.plant())).hasSize(2);
        assertThat(logBook.entries(grower.plant())).extracting(LogLine::kind).containsOnly(LogKind.PHOTO);
    }

    @Test
    void aPhotoThatIsTakenBackIsNotShown() throws Exception {
        take(picture("png"));
        takeBack.entry(
                grower.member().collection(),
                logBook.entries(grower.plant()).get(0).id());
        assertThat(photos.of(grower.plant())).isEmpty();
    }

    @Test
    void aThumbnailIsSmall() throws Exception {
        BufferedImage large = new BufferedImage(2400, 1800, BufferedImage.TYPE_INT_RGB);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(large, "jpg", out);
        Photo photo = take(out.toByteArray());
        assertThat(ImageIO.read(new ByteArrayInputStream(photo.bytes())).getWidth())
                .isEqualTo(1600);
        assertThat(ImageIO.read(new ByteArrayInputStream(
                                photos.small(grower.member().collection(), photo.id())))
                        .getWidth())
                .isEqualTo(320);
    }

    @Test
    void whatIsNoPictureIsRefusedByItsContent_notItsName() throws Exception {
        assertThatThrownBy(() -> take("GIF89a pretending".getBytes(StandardCharsets.US_ASCII)))
                .isInstanceOf(Pictures.Unusable.class);
        byte[] gif = picture("gif");
        assertThatThrownBy(() -> take(gif))
                .isInstanceOf(Pictures.Unusable.class)
                .hasMessageContaining("JPEG, PNG or WebP");
        assertThat(photos.of(grower.plant())).isEmpty();
    }
}

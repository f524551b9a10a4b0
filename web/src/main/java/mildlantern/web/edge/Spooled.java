package mildlantern.web.edge;

import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.web.multipart.MultipartFile;

/** A file for one request, thrown away with it: what is large goes through the disk, never through memory. */
public final class Spooled implements AutoCloseable {
    private final Path path;

    private Spooled(Path path) {
        this.path = path;
    }

    /** What somebody sent, as a file. */
    public static Spooled of(MultipartFile sent) throws IOException {
        Spooled spooled = new Spooled(Files.createTempFile("lantern", ".sent"));
        try {
            sent.transferTo(spooled.path);
            return spooled;
        } catch (IOException | RuntimeException e) {
            spooled.close();
            throw e;
        }
    }

    /** What somebody sent, in memory; for what is small. */
    public static byte[] bytes(MultipartFile sent) {
        try {
            return sent.getBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Writes a file. */
    @FunctionalInterface
    public interface Writing {
        void to(OutputStream out) throws IOException;
    }

    /** What is to be sent, written to a file first, so that a slow reader holds nothing but that file. */
    public static Spooled of(Writing writing) throws IOException {
        Spooled spooled = new Spooled(Files.createTempFile("lantern", ".out"));
        try (OutputStream out = Files.newOutputStream(spooled.path)) {
            writing.to(out);
            return spooled;
        } catch (IOException | RuntimeException e) {
            spooled.close();
            throw e;
        }
    }

    public Path path() {
        return path;
    }

    @Override
    public void close() throws IOException {
        Files.deleteIfExists(path);
    }
}

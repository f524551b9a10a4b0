package mildlantern.web.exchange;

import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import mildlantern.web.words.Wording;
import tools.jackson.databind.JsonNode;

/** The file of an archive: a zip of which no more is unpacked than can be borne. */
final class ArchiveFile {
    /** So much may all of an archive unpack to, and its content without the photos. */
    private static final long MOST_UNPACKED = 2L << 30;

    private static final long MOST_CONTENT = 600L << 20;

    private final Path file;

    ArchiveFile(Path file) {
        this.file = file;
    }

    /** Does something with one file of the archive. */
    interface OfFile {
        void with(String name, InputStream in) throws IOException, ArchiveIn.Unreadable;
    }

    void everyFile(OfFile each) throws IOException, ArchiveIn.Unreadable {
        long[] unpacked = {0};
        try (ZipInputStream zip = new ZipInputStream(Files.newInputStream(file), StandardCharsets.UTF_8)) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                each.with(entry.getName(), new Counted(zip, unpacked));
                // What nobody asked for is passed over, and counted.
                new Counted(zip, unpacked).transferTo(OutputStream.nullOutputStream());
            }
        }
    }

    Map<String, JsonNode> content(ArchiveContent.Rows rows) throws IOException, ArchiveIn.Unreadable {
        Map<String, JsonNode> about = new HashMap<>();
        boolean[] found = {false};
        everyFile((name, in) -> {
            if (name.equals(ArchiveTables.CONTENT) && !found[0]) {
                found[0] = true;
                about.putAll(new ArchiveContent(rows).read(new Limited(in, MOST_CONTENT)));
            }
        });
        if (!found[0]) {
            throw new ArchiveIn.Unreadable(
                    Wording.say("exchange.archive-file.there-no-file-no", ArchiveTables.CONTENT));
        }
        String format = Optional.ofNullable(about.get("format"))
                .map(it -> it.asString(""))
                .orElse("nothing");
        if (!ArchiveTables.FORMAT.equals(format)) {
            throw new ArchiveIn.Unreadable(Wording.say("exchange.archive-file.file-says-not-archive", format));
        }
        int version =
                Optional.ofNullable(about.get("version")).map(it -> it.asInt(0)).orElse(0);
        if (version != ArchiveTables.VERSION) {
            throw new ArchiveIn.Unreadable(Wording.say(
                    "exchange.archive-file.archive-has-version-installation", version, ArchiveTables.VERSION));
        }
        return about;
    }

    /** Refuses to go on after so many bytes. */
    static class Limited extends FilterInputStream {
        private long left;

        Limited(InputStream in, long most) {
            super(in);
            this.left = most;
        }

        @Override
        public int read() throws IOException {
            int read = super.read();
            count(read < 0 ? 0 : 1);
            return read;
        }

        @Override
        public int read(byte[] bytes, int from, int length) throws IOException {
            int read = super.read(bytes, from, length);
            count(Math.max(0, read));
            return read;
        }

        private void count(int read) throws IOException {
            left -= read;
            if (left < 0) {
                throw new IOException("a file in it unpacks to more than it may");
            }
        }

        /** The zip goes on after one of its files. */
        @Override
        public void close() {}
    }

    /** Counts over all files of an archive. */
    private static final class Counted extends Limited {
        private final long[] unpacked;

        Counted(InputStream in, long[] unpacked) {
            super(in, Long.MAX_VALUE);
            this.unpacked = unpacked;
        }

        @Override
        public int read(byte[] bytes, int from, int length) throws IOException {
            int read = super.read(bytes, from, length);
            unpacked[0] += Math.max(0, read);
            if (unpacked[0] > MOST_UNPACKED) {
                throw new IOException("it unpacks to more than 2 GB");
            }
            return read;
        }
    }
}

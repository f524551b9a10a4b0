package mildlantern.bench;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.net.http.HttpRequest.BodyPublisher;
import java.net.http.HttpRequest.BodyPublishers;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.Arrays;
import java.util.zip.CRC32;
import java.util.zip.DeflaterOutputStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/** Files and bodies made to hurt: larger than they look, or larger than anybody sends. */
final class HostileFiles {
    private HostileFiles() {}

    static BodyPublisher readings() {
        StringBuilder all = new StringBuilder("[");
        for (int i = 0; i < 10_000; i++) {
            all.append(i == 0 ? "" : ",")
                    .append("{\"at\":\"%s\",\"celsius\":20.5,\"humidity\":50}"
                            .formatted(Instant.now().minusSeconds(600L * i)));
        }
        return BodyPublishers.ofString(all.append(']').toString());
    }

    static BodyPublisher spaces(long bytes) {
        return BodyPublishers.ofInputStream(() -> new InputStream() {
            private long left = bytes;

            @Override
            public int read() {
                return left-- > 0 ? ' ' : -1;
            }

            @Override
            public int read(byte[] to, int from, int length) {
                int some = (int) Math.min(left, length);
                Arrays.fill(to, from, from + some, (byte) ' ');
                left -= some;
                return some == 0 ? -1 : some;
            }
        });
    }

    static byte[] pngWithText() throws IOException {
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        png.write(new byte[] {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n'});
        chunk(
                png,
                "IHDR",
                ByteBuffer.allocate(13)
                        .putInt(8)
                        .putInt(8)
                        .put(new byte[] {8, 2, 0, 0, 0})
                        .array());
        ByteArrayOutputStream text = new ByteArrayOutputStream();
        text.write("Comment\0\0".getBytes(StandardCharsets.US_ASCII));
        text.write(deflated(400L << 20));
        chunk(png, "zTXt", text.toByteArray());
        chunk(png, "IDAT", deflated(8 * 25));
        chunk(png, "IEND", new byte[0]);
        return png.toByteArray();
    }

    static void chunk(ByteArrayOutputStream png, String type, byte[] data) throws IOException {
        CRC32 check = new CRC32();
        check.update(type.getBytes(StandardCharsets.US_ASCII));
        check.update(data);
        png.write(ByteBuffer.allocate(4).putInt(data.length).array());
        png.write(type.getBytes(StandardCharsets.US_ASCII));
        png.write(data);
        png.write(ByteBuffer.allocate(4).putInt((int) check.getValue()).array());
    }

    static byte[] deflated(long zeros) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (DeflaterOutputStream deflater = new DeflaterOutputStream(out)) {
            byte[] some = new byte[1 << 16];
            for (long left = zeros; left > 0; left -= some.length) {
                deflater.write(some, 0, (int) Math.min(left, some.length));
            }
        }
        return out.toByteArray();
    }

    static byte[] zipBomb() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            zip.putNextEntry(new ZipEntry("collection.json"));
            byte[] spaces = new byte[1 << 20];
            Arrays.fill(spaces, (byte) ' ');
            for (int i = 0; i < 600; i++) {
                zip.write(spaces);
            }
        }
        return out.toByteArray();
    }

    static String lines() {
        StringBuilder table = new StringBuilder("time,temp (C),rh\n");
        for (int i = 0; table.length() < 8_200_000; i++) {
            table.append("2026-%02d-%02d %02d:%02d:%02d,20.5,%d%n"
                    .formatted(
                            1 + i / 2_419_200 % 9,
                            1 + i / 86_400 % 28,
                            i / 3600 % 24,
                            i / 60 % 60,
                            i % 60,
                            40 + i % 20));
        }
        return table.toString();
    }

    static String plants() {
        StringBuilder table = new StringBuilder("name,kind,stop\n");
        for (int i = 0; table.length() < 5_000_000; i++) {
            table.append("Plant ").append(i).append(",phalaenopsis,nowhere at all\n");
        }
        return table.toString();
    }
}

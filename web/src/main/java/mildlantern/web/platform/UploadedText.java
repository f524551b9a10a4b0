package mildlantern.web.platform;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;

/**
 * The text of a file that was sent: UTF-16 where it begins with its mark, UTF-8 where it is that, and otherwise the single-byte code
 * that spreadsheets and loggers write. Nothing is guessed from how often letters come: in a short table that fails more often than it helps.
 */
public final class UploadedText {
    private static final Charset OLDER = Charset.forName("windows-1252");

    private UploadedText() {}

    public static String of(byte[] bytes) {
        if (begins(bytes, 0xfe, 0xff) || begins(bytes, 0xff, 0xfe)) {
            return new String(bytes, StandardCharsets.UTF_16);
        }
        try {
            return StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(bytes))
                    .toString();
        } catch (CharacterCodingException e) {
            return new String(bytes, OLDER);
        }
    }

    private static boolean begins(byte[] bytes, int first, int second) {
        return bytes.length >= 2 && bytes[0] == (byte) first && bytes[1] == (byte) second;
    }
}

package mildlantern.web.edge;

import mildlantern.web.words.Wording;
import org.springframework.http.HttpStatus;

/** How large what is sent may be, by the address that it is sent to. */
public final class BodyLimits {
    private static final long MB = 1L << 20;

    /** Readings that a sensor pushes at once. */
    public static final long READINGS = 4 * MB;

    /** A photo as a phone takes it. */
    public static final long PHOTO = 40 * MB;

    /** A logger's table: two years of readings every ten minutes, in the longest of lines. */
    public static final long LOGGER_TABLE = 8 * MB;

    /** A table of plants or entries. */
    public static final long TABLE = 5 * MB;

    /** An archive with its photos. */
    public static final long ARCHIVE = 500 * MB;

    private static final long FORM = MB;
    private static final long PARTS_ROUND_A_FILE = 64 << 10;

    private BodyLimits() {}

    static long of(String address) {
        if (address.equals("/api/readings")) {
            return READINGS;
        }
        if (address.equals("/exchange/archive")) {
            return ARCHIVE + PARTS_ROUND_A_FILE;
        }
        if (address.equals("/exchange/tables")) {
            return TABLE + PARTS_ROUND_A_FILE;
        }
        if (address.matches("/plants/[^/]+/photos")) {
            return PHOTO + PARTS_ROUND_A_FILE;
        }
        if (address.matches("/stops/[^/]+/tables")) {
            return LOGGER_TABLE + PARTS_ROUND_A_FILE;
        }
        return FORM;
    }

    static Answers.Wrong tooLarge(long most) {
        long mb = most / MB;
        return new Answers.Wrong(
                HttpStatus.CONTENT_TOO_LARGE,
                Wording.say("edge.body-limits.too-large-take"),
                Wording.say("edge.body-limits.what-was-sent-too", mb),
                Wording.say("edge.body-limits.nothing-was-stored-nothing"));
    }
}

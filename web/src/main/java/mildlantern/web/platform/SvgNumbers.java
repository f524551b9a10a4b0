package mildlantern.web.platform;

/** Numbers in drawings, to a tenth of a unit; by hand, because the general formatter took half the time of a page that draws. */
public final class SvgNumbers {
    private SvgNumbers() {}

    /** Appends a number without needless decimals: 3 rather than 3.0. */
    public static void tenths(StringBuilder out, double value) {
        long tenths = Math.round(value * 10);
        if (tenths < 0) {
            out.append('-');
        }
        out.append(Math.abs(tenths) / 10);
        if (tenths % 10 != 0) {
            out.append('.').append(Math.abs(tenths) % 10);
        }
    }

    /** A point as paths have it: x, a space and y. */
    public static String point(double x, double y) {
        StringBuilder out = new StringBuilder(16);
        tenths(out, x);
        tenths(out.append(' '), y);
        return out.toString();
    }
}

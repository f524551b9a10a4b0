package mildlantern.web.platform;

import java.beans.PropertyEditorSupport;
import java.text.ParseException;
import java.util.Locale;
import java.util.regex.Pattern;
import mildlantern.quantity.Limits;
import org.springframework.format.Formatter;
import org.springframework.stereotype.Component;

/** Numbers in forms: shown without needless decimals, and read with a point or a comma. */
@Component
public class PlainNumbers implements Formatter<Double> {
    private static final Pattern NUMBER = Pattern.compile("[+-]?\\d{1,15}(\\.\\d{0,15})?|[+-]?\\.\\d{1,15}");

    /**
     * Reads a number as people write it, with a point or a comma.
     *
     * @throws NumberFormatException if it is none; what only programs write (NaN, Infinity, 1e9, 0x1p3) is none either
     */
    public static double read(String text) {
        String plain = text.strip().replace(',', '.').replace('\u2212', '-');
        if (!NUMBER.matcher(plain).matches()) {
            throw new NumberFormatException("'" + text + "' is no number");
        }
        return Double.parseDouble(plain);
    }

    /** Reads and shows numbers in forms; what Spring would try besides, as figures to the base of sixteen, is tried no more. */
    static final class Editor extends PropertyEditorSupport {
        @Override
        public void setAsText(String text) {
            setValue(text.isBlank() ? null : Double.valueOf(read(text)));
        }

        @Override
        public String getAsText() {
            return getValue() instanceof Double number ? Limits.plain(number) : "";
        }
    }

    @Override
    public Double parse(String text, Locale locale) throws ParseException {
        try {
            return read(text);
        } catch (NumberFormatException e) {
            throw new ParseException("'" + text + "' is no number", 0);
        }
    }

    @Override
    public String print(Double value, Locale locale) {
        return Limits.plain(value);
    }
}
